// The pages of the settings, and what stands on each: its address, its words, and what else it is found by.
/** A page of the settings. */
export interface StudioPlaceOf {
  /** `/studio/money` */
  readonly page: string;
  readonly name: string;
  /** Sections of the page by the id of their heading. */
  readonly sections: readonly (readonly [id: string, name: string, more?: string])[];
}

/** In the order in which they are shown. */
export const studioPlaces = [
  {
    page: 'workshop',
    name: 'Workshop',
    sections: [
      ['place', 'Name, address and logo', 'country currency units'],
      ['rates', 'Labour rate and bench hours', 'overhead an hour spread'],
      ['setting-makers', 'Makers', 'rate hours away skills'],
    ],
  },
  {
    page: 'money',
    name: 'Money',
    sections: [
      ['setting-overheadCosts', 'Overhead', 'rent insurance'],
      ['consumables', 'Consumables', 'gas blades flux'],
    ],
  },
  {
    page: 'metal',
    name: 'Metal',
    sections: [
      ['metal-terms', 'Metal and scrap', 'refiner replacement average last cost'],
      ['charges', 'Fabrication charges', 'making charge supplier'],
      ['setting-assayCharges', 'Hallmarking charges', 'assay office'],
    ],
  },
  {
    page: 'pricing',
    name: 'Pricing',
    sections: [['rule', 'Pricing rule', 'wholesale retail margin rounding tax price points floor']],
  },
  {
    page: 'selling',
    name: 'Selling',
    sections: [
      ['setting-channels', 'Sales channels', 'shop fee commission consignment'],
      ['setting-volumeBreaks', 'Volume discounts', 'wholesale'],
    ],
  },
  {
    page: 'hours',
    name: 'Stations and hours',
    sections: [
      ['hours', 'Working hours', 'week'],
      ['plan-rules', 'Rules of the plan', 'last start overnight'],
      ['standard-times', 'Standard times', 'learned'],
      ['setting-stations', 'Stations', 'torch pickle tumbler'],
    ],
  },
  {
    page: 'alloys',
    name: 'Alloys',
    sections: [['setting-ownAlloys', 'Own alloys', 'density fineness']],
  },
  {
    page: 'safety',
    name: 'Backups and devices',
    sections: [
      ['backups', 'Backups', 'restore copy export'],
      ['devices', 'Other devices', 'tablet pairing passcode network'],
      ['trash', 'Trash', 'deleted restore'],
    ],
  },
] as const satisfies readonly StudioPlaceOf[];

/** A page of the settings. */
export type StudioPageId = (typeof studioPlaces)[number]['page'];

/** The page on which a section stands; undefined for one that is on every page. */
export function pageOfSection(id: string): StudioPageId | undefined {
  return studioPlaces.find(({ sections }) => sections.some(([section]) => section === id))?.page;
}

/** Fields of the settings by their page; those that are not here stand on the first. */
const fieldsOf: Partial<Readonly<Record<StudioPageId, RegExp>>> = {
  money: /^(?:overheadCosts|benchHoursPerWeek|weeksPerYear|consumables|packaging)/,
  metal: /^(?:scrapShare|mixedScrapShare|filingsShare|lotCharge|lotGrams|assay|metalBasis|makingCharges)/,
  pricing:
    /^(?:school|wholesale|retail|margin|markUp|ladder|leastWholesale|leastRetail|shopFactor|tax|pricePoints|justBelow|floorAt|spread)/,
  selling: /^(?:channels|volumeBreaks|leastOrder)/,
  hours: /^(?:hours|lastStart|lateStarts|betterPlans|learnedTimes|standardTimes|stations)/,
  alloys: /^ownAlloys/,
};

/** The page on which a field stands. @param path  within the settings, `makers.0.rate` */
export function pageOfField(path: string): StudioPageId {
  return studioPlaces.find(({ page }) => fieldsOf[page]?.test(path))?.page ?? 'workshop';
}
