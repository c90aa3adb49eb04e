/** Days a delivery takes where no price list says. */
export const USUAL_LEAD_DAYS = 7;
