/** What is chosen among a few, in the order in which it is offered; what they mean stands with their subject. */
export const WARMTHS = ['ash', 'neutral', 'golden', 'copper', 'red'] as const;
export const TEXTURES = ['fine', 'medium', 'coarse'] as const;
export const POROSITIES = ['low', 'normal', 'high'] as const;
export const DENSITIES = ['low', 'medium', 'high'] as const;
export const CURLS = ['straight', 'wavy', 'curly', 'coily'] as const;
/** How finely hair is taken up. */
export const SECTIONS = ['seeThrough', 'medium', 'thick'] as const;
/** What carries a tone. */
export const VEHICLES = ['permanent', 'demi', 'gloss', 'rapid', 'direct', 'highLift'] as const;
/** Where a tone is to lead. */
export const DIRECTIONS = [
	'neutral',
	'beige',
	'ash',
	'pearl',
	'violet',
	'silver',
	'gold',
	'copper',
	'rose'
] as const;
/** Where a toner of its own goes, beside the one for the rest of the hair. */
export const TONER_PLACES = [
	'root',
	'middle',
	'ends',
	'faceFrame',
	'panel',
	'dropouts',
	'whiteHair',
	'addedHair',
	'glaze'
] as const;
/** Why a head may end otherwise than was expected, as far as the engine can tell them apart. */
export const SURPRISE_CAUSES = [
	'head',
	'heat',
	'thickness',
	'bowlAge',
	'oldColour',
	'reading'
] as const;
/** What past visits teach of a head: how fast it lifts, how its areas differ, how much mixture it takes. */
export const LEARNED_OF_HEADS = ['rate', 'areas', 'grams'] as const;
/** What they teach of those who work: how fast they put on, how much they leave over. */
export const LEARNED_OF_HANDS = ['pace'] as const;
/** In which order a toner goes on: so that all ends together, or by school. */
export const TONER_ORDERS = ['warmestFirst', 'rootsFirst', 'endsFirst'] as const;
/** What somebody sees on toned hair that should not be there. */
export const TONE_FAULTS = [
	'hotRoot',
	'band',
	'spot',
	'warmEnds',
	'overViolet',
	'overAsh',
	'overGreen',
	'tooDark',
	'slidOff',
	'patchy'
] as const;
/** What is done about it, roughly the gentlest first. */
export const CURE_ACTS = [
	'wait',
	'clarify',
	'tone',
	'warmGloss',
	'redCopper',
	'again',
	'lift'
] as const;
/** Ways of toning that put another toner on some of the hair. */
export const TONE_TECHNIQUES = [
	'rootShadow',
	'meltOfTwo',
	'meltOfThree',
	'tippedEnds',
	'faceFrame',
	'panel',
	'dropouts',
	'whiteHair',
	'addedHair',
	'glaze'
] as const;
/** What lightening uncovers, from dark to pale. */
export const UNDERTONES = [
	'red',
	'red-orange',
	'orange',
	'yellow-orange',
	'yellow',
	'pale yellow'
] as const;
/** Stretches of a strand, scalp first. */
export const ZONE_NAMES = ['root', 'lengths', 'ends'] as const;
/** Where on the head a strand hangs: the four quadrants, and what is treated apart within them. */
export const AREAS = [
	'nape',
	'back',
	'crown',
	'top',
	'leftSide',
	'rightSide',
	'fringe',
	'hairline'
] as const;
/** What a person is known not to bear. */
export const SENSITIVITIES = [
	'colourAllergy',
	'persulfateAllergy',
	'asthma',
	'blackHenna',
	'medicine'
] as const;
/** How hair is picked up for a foil, finest last. */
export const PICKING_NAMES = ['slice', 'weave', 'teased', 'babylight'] as const;
/** How the partings of a section run. */
export const ANGLES = ['horizontal', 'diagonal', 'vertical'] as const;
/**
 * Why a mixture stays off hair: somebody left it out, it is lightened already, or it is to stay as deep as it
 * is or go deeper.
 */
export const KEPT_OUT = ['left', 'light', 'deeper', 'enough'] as const;
/** Orders of work that colourists name. */
export const ORDER_NAMES = [
	'napeUp',
	'crownFirst',
	'partingFirst',
	'darkestFirst',
	'hairlineLast',
	'backFirst',
	'sidesLast'
] as const;
/** How a head is worked: in packets, brushed on openly, or root by root from fine partings. */
export const TECHNIQUES = ['foils', 'open', 'retouch'] as const;
/** How the head is rinsed. */
export const RINSE_MODES = ['together', 'backFirst', 'eachReady'] as const;
/** What is done to a section at the chair: put on, left for five minutes more, moved, coated anew, ended. */
export const TAP_ACTS = [
	'on',
	'longer',
	'recoat',
	'open',
	'cover',
	'cap',
	'wipe',
	'acidStop',
	'off'
] as const;
/** What a look at the chair tells in a word: behind what is expected, as expected, or at its level. */
export const CHECK_WORDS = ['lags', 'asPlanned', 'ready'] as const;
/** How wet hair behaves when it is stretched. */
export const STRETCHES = ['springs', 'slow', 'limp'] as const;
/** How warm a packet feels. */
export const HEATS = ['cool', 'warm', 'hot'] as const;
/** What the scalp says while product lies on it. */
export const SCALP_FEELS = ['calm', 'tingles', 'burns'] as const;
/** Parts of the strand that may have bowls of their own. */
export const STRAND_PARTS = ['root', 'lengths', 'oldLights'] as const;
/** How fast one likes to work: which strengths are considered. */
export const PACES = ['gentle', 'steady', 'brisk'] as const;
/** Parts of the head that are worked alone, each by edges in centimetres. */
export const WORKED_PARTS = [
	'top',
	'faceFrame',
	'moneyPiece',
	'halo',
	'panel',
	'underlight',
	'tips'
] as const;
/** How fast hands put colour on. */
export const HAND_PACE_NAMES = ['unhurried', 'usual', 'quick'] as const;
/** Kinds of result that clients ask for by name. */
export const RESULT_KIND_NAMES = [
	'solid',
	'dimensional',
	'livedIn',
	'rootMelt',
	'panel',
	'pastel',
	'freshen'
] as const;
/**
 * What a further application of the day is for: taking old colour out first, lightening again what lags,
 * softening the natural root beside light hair, or anything else.
 */
export const STEP_KINDS = ['removal', 'again', 'baseBreak', 'other'] as const;

/** What is put on a head on a day: its main application, further ones by their kind, and colour that deposits. */
export const ACT_KINDS = [
	'main',
	...STEP_KINDS,
	'lowlights',
	'filler',
	'firstToner',
	'toner'
] as const;

/** What may have been done to hair before today. */
export const HISTORY_KINDS = [
	'colour',
	'lightening',
	'perm',
	'relaxer',
	'henna',
	'swimming',
	'cut'
] as const;

/** Which hair a past service went on, as it hung then. */
export const HISTORY_REACHES = ['all', 'regrowth', 'ends'] as const;

/** What is tried on at the bench: loose hair, a lock of an extension, a strand of the client's own. */
export const BENCH_STRANDS = ['loose', 'extension', 'own'] as const;
/** What can be practised: by sight, by sum, at the chair. */
export const LESSONS = [
	'deeper',
	'level',
	'undertone',
	'wheel',
	'toner',
	'code',
	'sums',
	'order',
	'rinse',
	'ready',
	'faults',
	'cautions'
] as const;
/** Eyes that lack the long, the middle or the short cones. */
export const DEFICIENCIES = ['protan', 'deutan', 'tritan'] as const;
/** Parts of a simulated head, which is worked part by part. */
export const HEAD_PARTS = ['back', 'crown', 'sides'] as const;
/** What may be asked before a simulated head. */
export const HEAD_TOPICS = ['history', 'scalp', 'salts', 'patch'] as const;
/** Toners on the trolley of a simulated head: tones, levels, minutes; and its developers. */
export const HEAD_TONES = ['N', 'P', 'V', 'BV', 'B', 'A', 'G'] as const;
export const HEAD_TONE_LEVELS = [6, 7, 8, 9, 10] as const;
export const HEAD_TONE_MINUTES = [5, 10, 15, 20] as const;
export const HEAD_VOLUMES = [10, 20, 30, 40] as const;
/** Ways of wearing the hair over a panel. */
export const PANEL_WORN = ['down', 'halfUp', 'up'] as const;
/** Of two clocks that tell different times, the one that was right. */
export const CLOCKS = ['wall', 'steady'] as const;
/** What was decided on a toner. */
export const TONER_CHOICES = ['open', 'formula', 'none'] as const;
/** Stations of a visit, in the order of the work. */
export const STATIONS = ['read', 'aim', 'lift', 'bowls', 'chair', 'tone', 'sendOff'] as const;
/** How far a visit is. */
export const VISIT_STATUSES = ['waiting', 'inChair', 'done'] as const;
/** What came of a test on the skin. */
export const TEST_RESULTS = ['pending', 'clean', 'reacted'] as const;
/** What was done to the hair of a zone before. */
export const ZONE_STATES = ['natural', 'coloured', 'lightened'] as const;
/** What a head went through that is no colour. */
export const WORN_BY = ['perm', 'relaxer', 'henna', 'swimming'] as const;
/** How much of a cut is in layers. */
export const FEW_OR_MANY = ['none', 'some', 'many'] as const;
/** How hair feels between the fingers. */
export const HAIR_FEELS = ['smooth', 'rough', 'gummy'] as const;
/** How its ends look. */
export const ENDS_LOOK = ['sound', 'dry', 'splitting'] as const;
/** What is in the water at home. */
export const WATERS = ['soft', 'hard', 'iron', 'copper'] as const;
/** How a scalp looks before anything is done. */
export const SCALPS = ['calm', 'dry', 'oily', 'irritated', 'broken'] as const;
/** What a swatch was read by. */
export const SWATCH_READ_BY = ['picture', 'measured', 'eye'] as const;
/** What an additive is measured in. */
export const ADDITIVE_UNITS = ['g', 'drops', 'ml'] as const;
/** What a bowl is weighed for. */
export const MIXED_KINDS = ['lightener', 'lowlights', 'filler', 'firstToner', 'toner'] as const;
/** What a tube is: colour on a base, without one, or to be added by drops. */
export const SHADE_FORMS = ['based', 'pure', 'concentrate'] as const;
/** How grave a caution is. */
export const SEVERITIES = ['note', 'ask', 'stop'] as const;
/** Why more visits would not bring it nearer. */
export const STOPPED_BY = ['condition', 'visits', 'spent'] as const;
