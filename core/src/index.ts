export * from './foundations/index.js';
export { assess, createAssessor } from './assess.js';
export {
  createAssessorBy,
  type Assessment,
  type Assessor,
  type Results,
  type Book,
  type RuleBook,
  type StationBook,
} from './assessing.js';
export { bundleOf, type BundleSnapshot } from './bundle-of.js';
export { editPlan, inKinds, inPlan, inVenue } from './edits.js';
export {
  differenceWords,
  figuresToFind,
  findCalled,
  partsToFind,
  thingsToFind,
  type Findable,
} from './finder.js';
export { applyFix, createFixer, fixesFor } from './fixes.js';
export { allFigures, reportOf, type Report } from './report.js';
export {
  acceptPatch,
  bucklePatch,
  readingOf,
  type AcceptedSnag,
  type BuckleState,
  type Difference,
} from './review.js';
export { seenBundle } from './seen.js';
export { PHASE_ORDER } from './stations/brief/running-order.js';
export { usualKnobs } from './knobs.js';
export { newestSettings } from './stations/day/settings.js';
export { LARGEST_FILE } from './documents/kept-with.js';
export { MOMENTS, type Check, type Moment } from './stations/day/index.js';
export { TABLE_HEIGHT } from './stations/ground/places.js';
export { adoptInVenue, changeForEvent, withMaps } from './stations/ground/venue-changes.js';
export { packedPatch } from './packed-into.js';
export { SHORTEST, stretchVenue } from './stations/ground/stretch.js';
export { attentionOf, USUAL_ATTENTION } from './stations/hands/attention.js';
export { assignPatch } from './stations/hands/assign.js';
export type { RoleResult } from './stations/hands/index.js';
export type { PackLine } from './stations/pack/index.js';
export type { CaseRoom } from './stations/pack/packing/room.js';
export type { VehicleResult } from './stations/pack/vehicles/vehicle.js';
export type { DeviceLoad } from './stations/power/index.js';
export type { RackItem, RackResult } from './stations/racks/index.js';
export { ANYBODY, liftLimit } from './stations/pack/lifting/lifters.js';
export { MOST_PEOPLE } from './stations/pack/lifting/teams.js';
export { LIFTS, type CaseResult, type LiftName } from './stations/pack/lifting/lifts.js';
export { alternativesOf, type Alternative } from './stations/runs/alternatives.js';
export { crossingMarks, crossingWords } from './stations/runs/crossing-marks.js';
export { CABLE_MAKES_BY_CONNECTOR, MAKE_WORDS } from './stations/runs/makes.js';
export type { RunResult } from './stations/runs/index.js';
export { pinnedAt, pinsPatch, wayPatch } from './stations/runs/pins.js';
export { reachIsGood } from './stations/runs/reach.js';
export { runProfile, type RunProfile } from './run-profile/index.js';
export {
  BREAKER_CURVES,
  CIRCUIT_WIRINGS,
  MAINS_SYSTEMS,
  PHASE_NUMBERS,
  SOCKET_CONTROLS,
  SOCKET_STATES,
  INGRESS,
  SOCKET_CONNECTORS,
} from './documents/power-words.js';
export { IMPORTANCES, SHOT_SIZES, WAYS_TO_WORK } from './documents/shot-words.js';
export { isReady, keptBack, keptBackFrom } from './stations/ready.js';
export { freeItems, movesAbout, WORKED_WORDS } from './stations/equipment.js';
export type {
  CameraResult,
  LampResult,
  MovingResult,
  ShotResult,
  WindowResult,
} from './stations/shots/index.js';
export { choicesToHouse, pacesToHouse } from './house-rules.js';
export { addDevicePatch, goneWith, takeOutPatch } from './stations/device-edits.js';
export { gearOffers, type GearOffer } from './stations/gear-offers.js';
export { carriersFor, isCarried, notOnPlan, standOf, standPatch, standsFor } from './stations/stands.js';
export { SHOT_SETS, shotSetPatch } from './stations/shots/shot-sets.js';
export { connect } from './stations/signal/connect.js';
export { outputSuits } from './stations/signal/functions.js';
export { RESOURCES, type Resource } from './stations/signal/resources.js';
export { RESOURCE_WORDS } from './stations/signal/resource-words.js';
export { houseOffers, takeHousePatch, type HouseOffer } from './stations/signal/house.js';
export { fitOf, portCalled, portsOf, type Fit, type PluggedPort } from './stations/signal/plug.js';
export { longestOf, traceOf, type Hop, type Trace } from './stations/signal/trace.js';
export {
  ALONG,
  BUSES,
  CABLE_ENDS,
  CABLE_MAKES,
  CARRIES,
  CONNECTORS,
  FAMILIES,
  FUNCTIONS,
  LAYOUTS,
  LEVELS,
  OUTPUT_KINDS,
  PORT_ENDS,
  PROGRAMMES,
  TASKS,
  VIEWERS,
} from './documents/signal-words.js';
export { aboutEvent } from './sheets/about.js';
export { chargeList, type ChargeList, type Charging } from './charge-list/index.js';
export { canBeMeasured, notedOf } from './measured/noted.js';
export { measuredThing, type MeasuredState, type MeasuredThing, type Summary } from './measured/index.js';
export { startOrder, type SwitchedOn } from './start-order/index.js';
export { isProved } from './stations/power/proved.js';
export { failuresOf, type Failure } from './failures/index.js';
export { carriedOnWords } from './failures/words.js';
export { batteryCard, isDayOf, type BatteryCard, type CardLine } from './battery-card/index.js';
export { SHEETS } from './sheets/all.js';
export { cameraCards, type CameraCard } from './sheets/camera-cards.js';
export { PHASE_WORDS } from './stations/brief/phase-words.js';
export { formatCard, inputList, patchList } from './sheets/signal-lists.js';
export { innerWiring } from './sheets/inner-wiring.js';
export { textOf } from './sheets/plain-text.js';
export type { Column, Sheet } from './sheets/sheet.js';
export {
  SHEET_ENDINGS,
  SHEET_FILES,
  SHEET_NAMES,
  SHEET_WORDS,
  type SheetFile,
  type SheetName,
} from './sheets/sheet-words.js';
export * from './assemblies/index.js';
export * from './drafting/index.js';
export * from './exchange/index.js';
export * from './labels/index.js';
export * from './moving/index.js';
export * from './plan-picture/index.js';
export { EARLY_STATIONS } from './early-stations.js';
export { addItemPatch, addItemsPatch } from './running-order-edits.js';
export { readRunningOrder, type ReadItem, type ReadLine } from './running-order-text.js';
export { groupSnags, joinedByCause, type SnagGroup } from './snag-groups.js';
export { holdsWords, wordFinder, type WordFinder } from './likeness/index.js';
export { alikeRuns, likeOf, type AlikeRun } from './kind-drafts/alike.js';
export * from './schematic/index.js';
export { marksDrawing, marksSvg, type PaperMark } from './paper/marks.js';
export * from './rack-drawing/index.js';
export * from './rack-picture/index.js';
export * from './case-picture/index.js';
export * from './supply-tree/index.js';
export * from './survey/index.js';
export { sectionOf, type InSection, type Section, type SectionPart } from './section/section.js';
export {
  PICTURE,
  pictureSvg,
  THIRDS,
  viewfinderOf,
  type Inked,
  type OnPicture,
  type Tone,
  type Viewfinder,
  type ViewfinderRequest,
} from './viewfinder/index.js';
export type * from './documents/index.js';
