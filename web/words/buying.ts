// The words of the buying screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  addAConsumable: 'Add a consumable',
  batch: 'batch',
  buyingList: 'Buying list',
  bySupplier: 'By supplier',
  cantConnectToNoonLedger: 'Can’t connect to Noon Ledger.',
  costBySupplier: 'Cost by supplier',
  countOnceIssuingMetalTo:
    'Count once. Issuing metal to a batch deducts what it uses. Items below their reorder level are added to the list.',
  daysLeadTime: 'days’ lead time',
  downloadCsvTemplate: 'Download CSV template',
  exportCsv: 'Export CSV',
  importPriceListCsv: 'Import price list (CSV)',
  leadTimesAreCalendarDays: 'Lead times are calendar days. A batch starts as late as its due date allows.',
  loadSamplePriceList: 'Load sample price list',
  moreThatAreLate: 'more that are late',
  noBatchNeedsMetalMake: 'No batch needs metal. Make a',
  noSupplierFound: 'No supplier found',
  noneYetAPriceList: 'None yet. A price list gives pack sizes, prices and lead times.',
  nothingToOrderEverythingIs: 'Nothing to order: everything is in stock.',
  oneItem: 'One item',
  priceLists: 'Price lists',
  sawBlades30: 'saw blades 3/0',
  solderFindingsAndConsumables: 'Solder, findings and consumables',
  toOrder: 'To order',
  toOrderTodayToStart: 'to order today to start on time',
  total: 'Total',
  trackThisItem: 'Track this item',
  unit: 'Unit',
  withMetalNotIssuedYet: 'with metal not issued yet, cut together from stock first.',
});
