// Words that say nothing of a sum. Words that change an amount (twice, without, hollow) are not among them.

/** Small words, verbs of asking and making, and nouns of finished pieces. */
export const fillerWords: readonly string[] = `
a an the this that these those it its them they their there here i we you me my our your he she his her who whose is
are was were be been being am do does did done has have had having will would shall should can could may might must of
for with and at on from or if so then but by any each every some only just also than when while where why how what
which whichever up down out over again already still yet now today later soon once please thanks thank ok okay hi
hello much many few several lot lots bit little number no weigh weighs weighing weighed weight mass metal material
stock blank get gets getting need needs needed needing cut cuts cutting make makes making made want wants wanted use
uses used using find calculate compute reckon work works give gives tell show know knows let lets say says like take
takes took go goes going come comes far keep keeps put puts start started starts end ended ends finish finished try
trying think guess wonder wondering buy buying bought order ordering ordered sell selling sold produce yield yields
reach become becomes turn bring brings happen happens wt per ease allowance area fit fits fitting shape shaped equals
equal troy coil earring earrings lost label exactly sample measures measured measuring measure vs versus sizes one
heavy convert conversion nearest closest bar scrap add adding added temperature temp big small large longer shorter
solid after before pendant pendants wedding signet stacking stackable engagement eternity brooch brooches necklace
necklaces charm charms cufflink cufflinks clasp clasps box lid spoon spoons fork forks stud studs post posts simple
plain nice new old total cast casting castings shank band percent top together equivalent altogether difference
compare comparison compared mix mixed mixing melted percentage waste wasted loss shrinkage air side sides jewelry
jewellery jeweller jeweler component components content contains contain containing master required full same point
easy medium grade finger hand thumb rope current currently low shawl tie lapel hair caddy bowl barometer button
buttons keyring tag tags bookmark handle handles frame frames backing setting settings customer customers client
clients friend project projects design designs job jobs batch batches studio bench maker makers supplier suppliers saw
sawing sawed file filed filing bend bending bent forming formed form typical typically usual usually normal normally
approximately correct right wind winding wound starting hot cold punch punched punching die hook hooks toggle toggles
stem stems bail bails sprue spot volume displace displaces adjustable torc torque choker collar neck model models
original amount quantity kind type sort thin decimal decimals all keeping kept version versions pattern patterns got jar bag pile onto upon leave leaves leaving found look looks looking seems carve carves carved scraps wears face faces plaque plaques panel panels anklet anklets rivet rivets tree trees
locket lockets buckle buckles toe thimble bolo hairpin hairpins hatpin hatpins barrette comb combs stickpin stickpins
kilt scarf cloak belt tiara medal medals token tokens coin coins badge badges dangle dangles spacer spacers connector
connectors finding findings back backs arm arms leg legs tine tines prong prongs claw claws tab tabs key keys keychain
name nameplate initial initials decoration element elements detail details body main item items object objects thing
things example collection range christmas market fair shop stall wholesale retail gift mother father wife husband
daughter son sister brother him hers theirs mine ours someone somebody anyone everyone people person lady man men
women kids child adult offcut offcuts spare spares stocks supply supplies shelf drawer tool tools torch anvil pliers
cutter shear shears drawplate vise paper polish polished polishing sanded sanding finishing tumble tumbled brushed
satin matte shiny bright oxidised oxidized blackened raw clean dirty recycled reclaimed eco ethical good better best
fairly really actually basically maybe perhaps probably possibly instead rather pretty quite too else such previous
following above below near along available possible necessary suitable ideal recommended standard common regular exact
precise precisely overall entire individual identical similar certain given specific particular own proper final
beginning thicker thinner wider narrower taller bigger smaller stronger softer harder larger question answer
calculation calculator maths math formula help assume assuming suppose supposing provided laid lay lies lying stands
standing hang hangs hanging wear wears wearing worn carry holds hold holding attach attached join joined joining sweat
straight straighten closely comfortable comfortably
`
  .trim()
  .split(/\s+/);
