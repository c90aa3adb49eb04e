// The words of the reference screens.
import { localWords } from './local-words.ts';

export const words = localWords({
  alloy: 'alloy',
  alloyTitle: 'Alloy',
  beginsToMeltSolidus: 'begins to melt (solidus)',
  byWeightNominal: 'by weight, nominal',
  commonlyFusedToItselfWithout: 'Commonly fused to itself without solder (common practice).',
  containsCadmiumTheFumeIs:
    'Contains cadmium. The fume is deadly: do not use it. It is listed so that old stock is recognised; dispose of it by your local rules.',
  fineness: 'fineness',
  gCm: 'g/cm³',
  gaugeSystem: 'Gauge system',
  meltingRange: 'melting range',
  noMatchingGauge: 'No matching gauge.',
  nominalCheckYourSuppliersData: 'nominal; check your supplier’s data sheet',
  notCommonlyFusedCommonPractice: 'Not commonly fused (common practice).',
  printThisTable: 'Print this table',
  search: 'Search',
  selectARowToSee: 'Select a row to see each number with its calculation and source.',
  selectedRowWithItsCalculation: 'Selected row with its calculation',
  tables: 'Tables',
  thisAlloyHasNoDensity: 'This alloy has no density yet. Add one in Settings.',
  typicalValuesFromTheHallmarking:
    'Typical values from the Hallmarking Act 1973 as amended, and ISO 9202. Not checked against the published text: ask your assay office.',
  typicalValuesYourSuppliersData: 'Typical values; your supplier’s data sheet takes precedence',
});
