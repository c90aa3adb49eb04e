// What each setting does to a price, and its usual range. The ranges are common practice of small studios, not a rule;
// where a setting follows from a supplier's or a refiner's terms, it says so.
import type { Studio } from './studio.ts';

/** What a setting does, and what is usual. */
export interface NoteOfSetting {
  /** What a higher value does to a price. */
  readonly does: string;
  readonly usual: string;
  readonly source: string;
}

const PRACTICE = 'common practice';
const OWN_TERMS = 'your supplier’s or refiner’s terms';

/** By setting. */
export const settingNotes = {
  hourlyRate: { does: 'Each bench minute costs more, so cost and prices rise with the time a piece takes.', usual: 'A skilled wage in your country, before rent and tools. Below the legal minimum wage the price pays for nobody.', source: PRACTICE },
  overheadPerHour: { does: 'Each bench minute carries more rent, insurance and tools.', usual: 'A quarter to the whole of the labour rate. Left blank, it follows from the costs and hours below.', source: PRACTICE },
  benchHoursPerWeek: { does: 'More hours share the same costs, so overhead per hour and prices fall.', usual: 'Half to two thirds of the hours in the studio are at the bench; the rest is selling, photographs and accounts.', source: PRACTICE },
  weeksPerYear: { does: 'More weeks share the same costs, so overhead per hour falls.', usual: '44 to 48.', source: PRACTICE },
  consumablesPerHour: { does: 'Each bench minute carries more flux, gas, blades and polish.', usual: '1 to 5 an hour for a silver bench; more where gas or plating is used a lot.', source: PRACTICE },
  consumablesPerJoint: { does: 'Each soldered joint costs more.', usual: '0.05 to 0.30.', source: PRACTICE },
  consumablesPerPiece: { does: 'Each piece costs more, whatever its time.', usual: '0.10 to 1.00.', source: PRACTICE },
  consumablesPerLoad: { does: 'Each pickle or tumbler load costs more; the pieces of the load share it.', usual: '0.20 to 2.00.', source: PRACTICE },
  consumablesShare: { does: 'A share of the cost of metal and time is added.', usual: '3 to 10 %.', source: PRACTICE },
  scrapShare: { does: 'Clean trimmings are worth more, so the scrap credit grows and the cost falls.', usual: '80 to 98 % of the metal price; 0 if you keep no account of scrap.', source: OWN_TERMS },
  mixedScrapShare: { does: 'Scrap with solder on it is worth more, so the cost falls.', usual: '60 to 90 % of the metal price, after assay.', source: OWN_TERMS },
  filingsShare: { does: 'Filings are worth more, so the cost falls.', usual: '50 to 85 % of the metal price.', source: OWN_TERMS },
  assayLoss: { does: 'Less of the sent scrap is paid, so the cost rises.', usual: '1 to 5 % for clean metal, more for sweeps.', source: OWN_TERMS },
  lotCharge: { does: 'Each lot of scrap costs more to send, so the scrap credit falls.', usual: '25 to 150 a lot.', source: OWN_TERMS },
  lotGrams: { does: 'The fee of a lot is spread over more metal, so the scrap credit rises.', usual: 'What you usually send: 100 g to 1 kg of silver.', source: PRACTICE },
  packaging: { does: 'Each piece costs more.', usual: '0.30 to 3.00.', source: PRACTICE },
  wholesaleFactor: { does: 'Wholesale and retail rise in proportion.', usual: '1.5 to 2.5 × cost. At 1 nothing is left for growth, mistakes and quiet months.', source: PRACTICE },
  markUpMetal: { does: 'Pieces with much metal rise most.', usual: '10 to 100 %.', source: PRACTICE },
  markUpFindings: { does: 'Pieces with stones and bought findings rise most.', usual: '30 to 100 %.', source: PRACTICE },
  markUpLabour: { does: 'Pieces with much bench time rise most.', usual: '20 to 100 %.', source: PRACTICE },
  margin: { does: 'The wholesale price rises until this share of it is profit.', usual: '30 to 50 %.', source: PRACTICE },
  retailFactor: { does: 'Retail prices rise; wholesale stays.', usual: '2 to 2.5 × wholesale. Below 2 you undersell the shops that buy from you.', source: PRACTICE },
  shopFactor: { does: 'It changes no price. It warns when your own retail price lies below your shops’.', usual: '2 to 2.6.', source: PRACTICE },
  leastWholesale: { does: 'Small pieces rise to this price.', usual: 'What an order line costs you in handling.', source: PRACTICE },
  leastRetail: { does: 'Small pieces rise to this price when sold direct.', usual: 'The smallest sale that pays for wrapping and the card fee.', source: PRACTICE },
  leastOrder: { does: 'It changes no price. It is printed on the line sheet.', usual: '150 to 500 for a first order.', source: PRACTICE },
  ladder: { does: 'Retail prices step up to the next of these points.', usual: 'Points your customers know: 18, 30, 42, 55.', source: PRACTICE },
  justBelow: { does: 'Retail prices end a little lower.', usual: '0, 0.05 or 1.', source: PRACTICE },
  spreadMinutes: { does: 'It changes no price. Costs and dates are told with a wider range.', usual: '10 to 30 %.', source: PRACTICE },
  spreadWeight: { does: 'It changes no price. Weights and costs are told with a wider range.', usual: '2 to 8 %.', source: PRACTICE },
  makers: { does: 'A maker with a rate of her own changes the cost of the steps assigned to her; the hours set how soon work is done.', usual: 'One to three. Hours at the bench, not hours in the studio.', source: PRACTICE },
  stations: { does: 'It changes no price. Steps wait for a station that is taken.', usual: 'One torch place a maker; pickle and tumbler are shared.', source: PRACTICE },
  overheadCosts: { does: 'Each cost is spread over the bench hours of a year and added to every minute.', usual: 'Rent, insurance, tools, software, fairs: 3 to 20 an hour together.', source: PRACTICE },
  makingCharges: { does: 'Metal costs more per gram, so pieces with much metal rise most.', usual: 'Wire and sheet of silver: 5 to 40 % over the metal price; thin stock and tube more.', source: OWN_TERMS },
  assayCharges: { does: 'Each piece that is sent for hallmarks costs more; a batch shares the fixed part.', usual: 'The tariff of your assay office.', source: 'your assay office' },
  channels: { does: 'A fee lowers what you receive; the price book shows the net price.', usual: 'Shops on consignment keep 35 to 50 %, card readers 1.5 to 3 %, marketplaces 5 to 20 %.', source: PRACTICE },
  volumeBreaks: { does: 'A large order pays less for each piece, down to your minimum.', usual: '5 to 10 % from 10 or 20 pieces.', source: PRACTICE },
  ownAlloys: { does: 'The density sets the weight of each part, the metals set its price.', usual: 'The data sheet of your supplier, or a piece weighed in air and in water.', source: OWN_TERMS },
} as const satisfies Partial<Record<keyof Studio, NoteOfSetting>>; // prettier-ignore

/** @param key  a setting. @returns null where the setting says enough */
export function settingNoteOf(key: string): NoteOfSetting | null {
  return key in settingNotes ? settingNotes[key as keyof typeof settingNotes] : null;
}
