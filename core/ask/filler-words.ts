// Words that say nothing of a sum. Words that change an amount (twice, without, hollow) are not among them.

/** Small words, verbs of asking and making, and nouns of finished pieces. */
export const fillerWords: readonly string[] = `
a an the this that these those it its them they their there here i we you me my our your he she his her who whose
is are was were be been being am do does did done has have had having will would shall should can could may might
must of for with and at on from or if so then but by any each every some only just also than when while where why
how what which whichever up down out over again already still yet now today later soon once please thanks thank
ok okay hi hello much many few several lot lots bit little number no weigh weighs weighing weighed weight mass
metal material stock blank get gets getting need needs needed needing cut cuts cutting make makes making made
want wants wanted use uses used using find calculate compute reckon work works give gives tell show know knows
let lets say says like take takes took go goes going come comes far keep keeps put puts start started starts end
ended ends finish finished try trying think guess wonder wondering buy buying bought order ordering ordered sell
selling sold produce yield yields reach become becomes turn bring brings happen happens wt per ease allowance
area fit fits fitting shape shaped equals equal troy coil earring earrings lost label exactly sample measures
measured measuring measure vs versus sizes one heavy convert conversion nearest closest bar scrap add adding
added temperature temp big small large longer shorter solid after before pendant pendants wedding signet stacking
stackable engagement eternity brooch brooches necklace necklaces charm charms cufflink cufflinks clasp clasps box
lid spoon spoons fork forks stud studs post posts simple plain nice new old total cast casting castings shank
band percent top together equivalent altogether difference compare comparison compared mix mixed mixing melted
percentage waste wasted loss shrinkage air side sides jewelry jewellery jeweller jeweler component components
content contains contain containing master required full same point easy medium grade finger hand thumb rope
current currently low shawl tie lapel hair caddy bowl barometer button buttons keyring tag tags bookmark handle
handles frame frames backing setting settings customer customers client clients friend project projects design
designs job jobs batch batches studio bench maker makers supplier suppliers saw sawing sawed file filed filing
bend bending bent forming formed form typical typically usual usually normal normally approximately correct right
hook hooks toggle toggles stem stems bail bails sprue spot volume displace displaces adjustable torc torque choker collar neck model models original uses amount quantity kind type sort
`
  .trim()
  .split(/\s+/);
