/** Everything of core that the interface and the server may use. */
export { adventureSchema, CHAPTER_KINDS, USUAL_LIMITS } from './model/adventure';
export type {
  Adventure,
  Chapter,
  ChapterKind,
  Defaults,
  Limits,
  Prop,
  World,
} from './model/adventure';
export { AGE_BANDS, ageBandOf } from './model/ages';
export { secondsPerRep } from './schedule/pace';
export type { AgeBand, Ages } from './model/ages';
export { BEAT_KINDS, drawSchema, NO_GUISE } from './model/beat';
export type {
  Action,
  Beat,
  BeatKind,
  Circuit,
  Draw,
  Drink,
  EchoLine,
  Guise,
  MoveBeat,
  Showing,
  Station,
  Tell,
} from './model/beat';
export {
  DEVICE_KINDS,
  DIE_SIDES,
  isSum,
  MOST_DRAWS,
  MOST_ENTRIES,
  MOST_FOLLOWING,
  REPEATS,
  RETURNS,
} from './model/chance';
export type { AmountRule, Device, DrawRules, Entry } from './model/chance';
export { doseTotal, DOSE_UNITS, isCounted, MAX_AMOUNT, MAX_SETS, plainDose } from './model/dose';
export type { Dose, DoseSides, DoseUnit } from './model/dose';
export {
  addBeats,
  addChapter,
  changeBeat,
  changeChapter,
  findBeat,
  removeBeat,
  removeChapter,
  setBeats,
  shiftBeat,
  shiftChapter,
} from './model/edit';
export { closeStep, record, redo, startHistory, undo } from './model/history';
export type { History } from './model/history';
export { FAMILIES, moveSchema, POSTURES, REGIONS } from './model/move';
export type { Effort, Family, Move, Posture, Region } from './model/move';
export { movesOfBeat, partsOfBeat } from './model/beat-parts';
export type { Part } from './model/beat-parts';
export { copyAdventure, copyBeat, newAdventure } from './model/new-adventure';
export type { NewId } from './model/new-adventure';
export { beatsOf, hasBeats } from './model/beats-of';
export { titleOf } from './model/title';
export { entryOf } from './model/entry-of';
export { parseAdventure } from './model/parse-adventure';
export { PROBLEM_CODES, problem, problemOfIssue } from './model/problem';
export type { Path, Problem, ProblemCode, Result } from './model/problem';
export { BARE, childrenIn, DEFAULT_SETTING, FLOORS, settingSchema, WALLS } from './model/setting';
export type { Floor, RoomMark, Setting, Wall } from './model/setting';
export { USUAL_PRESETS } from './model/setting-presets';
export type { SettingPreset } from './model/setting-presets';
export { MAX_LINE } from './model/text';
export { CURRENT_VERSION } from './model/versions';

export { CATALOGUE } from './moves/catalogue';
export { ANY_MOVE, filterMoves } from './moves/filter-moves';
export type { MoveQuery } from './moves/filter-moves';
export { BUILT_IN, calledIn, moveBookOf, moveIn } from './moves/move-book';
export type { MoveBook } from './moves/move-book';
export { insteadOf, lacksOf } from './moves/fits-setting';
export { swapMove } from './moves/swap-move';
export { carryMoves, newOwnMove } from './moves/own-moves';
export { movesUsed } from './moves/needs';

export { figureOfMove } from './figure/figure-of-move';
export { builtInFigure } from './figure/figures';
export { FEWEST_POSES, figureSchema, MOST_POSES, VIEWS } from './figure/figure';
export type { Figure, View } from './figure/figure';
export { LOOK_CHOICES, lookFor, LOOKS } from './figure/looks';
export type { Look, LookChoice } from './figure/looks';
export { handleAt, HANDLES, keptInRange, moveHandle } from './figure/adjust-pose';
export type { Handle } from './figure/adjust-pose';
export { cameraOf } from './figure/camera';
export { addPose, takePose, withPose } from './figure/edit-figure';
export { HEIGHT_METRES } from './figure/proportions';
export { momentAt, momentOfKey } from './figure/motion';
export type { Pose } from './figure/pose';
export type { Moment } from './figure/motion';
export { phaseAt } from './figure/phase';
export type { Picture, Stroke } from './figure/picture';
export {
  boundsOf,
  boxOf,
  isDetail,
  LINE_PAINTS,
  NONE,
  OUTLINE,
  paintsOf,
  pictureOfFigure,
  pictureOfMoments,
  strokesOfParts,
  tellingKeys,
} from './figure/draw-picture';
export type { Paints, Place } from './figure/draw-picture';
export { partsOf } from './figure/shapes';
export type { FigurePart, Hair, Shape } from './figure/shape';

export { INKS } from './print/inks';
export type { Ink } from './print/inks';
export { PACK_PARTS, packPartsFor } from './print/pack';
export type { PackPartId } from './print/pack';
export { PAPERS } from './print/paper';
export { pictureAsSvg } from './print/picture-svg';
export type { Paper } from './print/paper';
export type { PictureAsk, PictureOf, StoryPictureOf } from './print/pack-source';

export { cautionsOf, DEFERRING_LINE } from './care/cautions';
export type { Caution } from './care/cautions';

export { amountOf } from './chance/amount';
export { chanceOfAtLeast, chanceToTakeOver, meanOf, oddsOf, quantileOf } from './chance/odds';
export type { Distribution, Odds } from './chance/odds-shape';
export { CAREFUL_RUNS } from './chance/odds-simulated';
export { dealFaces, dieFor, newDraw, usualRules, withFaces } from './chance/new-draw';
export { diceTotals, diceWays, potOf } from './chance/pot';
export type { Outcome, Pot } from './chance/pot';
export { seededRandom } from './chance/random';
export type { Random } from './chance/random';
export { counts, resolveBeat } from './chance/resolve';
export type { ResolvedDraw, TypedOutcome } from './chance/resolve';

export { check, placeKey, RULE_IDS, setAside } from './findings/check';
export type { Finding, RuleId } from './findings/check';
export { isShort, kitInWords, kitListOf, pluralOf } from './kit/kit-list';
export type { KitLine } from './kit/kit-list';
export { fetchSums } from './room/fetch';
export { crowdingOf, inRing } from './room/how-many';
export type { Crowding } from './room/how-many';
export { putMark, roomPlan } from './room/plan';
export type { Lanes, PlanMark, RoomPlan } from './room/plan';
export { clearFloor, metresToPlaces, placesFor, putByHand } from './room/spots';
export type { ClearFloor, Room, Spot } from './room/spots';

export { usualLimits } from './findings/usual-limits';
export { SEVERITIES } from './findings/finding';
export type { Fix, Severity } from './findings/finding';

export { fit, FIT_SECONDS } from './fit/fit';
export type { FitChange, FitResult } from './fit/fit';
export { MOODS } from './fit/target';
export type { FitTarget, Mood } from './fit/target';

export { balanceOf, LIVELY_MINUTES_A_DAY } from './schedule/balance';
export type { Balance } from './schedule/balance';
export { oddsOfBeat } from './schedule/beat-odds';
export type { OddsQuestion } from './schedule/beat-odds';
export { startsBy } from './schedule/beat-starts';
export { CUE_KINDS, cueEndSeconds, isCountedWork, isWork } from './schedule/cue';
export type { Cue, CueKind, Doing, Side } from './schedule/cue';
export { DEFAULT_PACE, paceSchema, WORDS_PER_MINUTE } from './schedule/pace';
export type { Pace } from './schedule/pace';
export { drawTerrain } from './schedule/terrain';
export type { TerrainPoint } from './schedule/terrain';
export { DRINK_SECONDS, QUESTION_WAIT_SECONDS } from './schedule/timing';
export { secondsOnWay } from './schedule/beats/work';
export { outcomeLabel } from './schedule/beats/draw';
export { resolveDraws } from './schedule/resolve-draws';
export type { Draws, TypedDraws } from './schedule/resolve-draws';
export { NO_SUM } from './schedule/totals';
export type { Sum, Totals } from './schedule/totals';
export { unroll } from './schedule/unroll';
export type { Schedule } from './schedule/unroll';

export { beatFromReading } from './language/beat-from-reading';
export { beatInWords, beatLabel } from './language/beat-label';
export { capital } from './language/capital';
export { amountInWords, deviceInWords, rulesInWords, stopInWords } from './language/draw-words';
export { clockOf, lengthInWords } from './language/clock';
export { proposeGuises } from './language/guises';
export type { GuiseProposal } from './language/guises';
export { firstSound, SOUND_WORDS } from './language/sounds';
export type { SoundBook } from './language/sounds';
export { fromUnit, inUnit, LENGTH_UNITS, lengthIn } from './language/lengths';
export type { LengthUnit } from './language/lengths';
export { doseInWords, unitWord } from './language/dose-words';
export { castInWords, listInWords, readCast, readList } from './language/lists';
export { makeMoveFinder, suggestMoves } from './language/move-finder';
export type { MoveFinder } from './language/move-finder';
export { doseForMove, readQuickLine, usualDose } from './language/quick-line';
export type { LineHelp, QuickReading } from './language/quick-line';
export { hasSoundOf, LETTER_SETS } from './language/letter-sounds';
export { lettersOf, proposeForEntry, proposeStrip } from './language/letter-strip';
export type { LetterIdea } from './language/letter-strip';
export type { ReadAction } from './language/read-action';

export {
  MAX_FILE_CHARACTERS,
  parseArrupJson,
  serializeArrupJson,
} from './formats/arrup-json/arrup-json';
export { FILE_FORMAT_IDS, FILE_FORMATS, fileNameOf } from './formats/file-formats';
export type { FileFormatId } from './formats/file-formats';
export { LOCAL_TIME } from './formats/icalendar/local-time';
export { parseBeatsCsv } from './formats/beats-csv/beats-csv';
export { MAX_SCRIPT_CHARACTERS, parseScript } from './formats/script/script';
export type { ReadScript, UnreadLine } from './formats/script/script';
export { clockOrBlank, runSheetRows } from './formats/run-sheet/run-sheet';
export type { RunSheetRow } from './formats/run-sheet/run-sheet';

export { compareRun } from './log/compare-run';
export type { BeatComparison, RunComparison } from './log/compare-run';
export { chaptersOf, NO_DEBRIEF, plannedCues, runSchema } from './log/run';
export type { Debrief, PlannedCue, Run } from './log/run';
export { callAt } from './stage/calls';
export { countAt, shareAt, ticksOf } from './stage/counting';
export type { Tick } from './stage/counting';
export {
  back,
  elapsedSeconds,
  finish,
  go,
  isTapped,
  next,
  pause,
  prepareLeading,
  replan,
  schedulePosition,
  setLines,
  skipBeat,
  tick,
} from './stage/leading';
export { adapt, adaptAll, adaptationsAt, scheduleOf } from './stage/adapt';
export type { LedWay } from './stage/adapt';
export { ADAPTATIONS } from './stage/adaptation';
export type { Adaptation, AdaptationKind } from './stage/adaptation';
export type {
  CountsMode,
  HoldsMode,
  Leading,
  LeadingStatus,
  LinesMode,
  Visit,
  Waits,
} from './stage/leading';
export { ATTACK_SECONDS, QUIET_LEVEL, VOICES } from './stage/voices';
export type { Voice } from './stage/voices';
export { hasMusic, notesBetween } from './stage/music';
export { turnAt } from './stage/turn';
export { upcomingTicks } from './stage/upcoming-ticks';
export type { UpcomingTick } from './stage/upcoming-ticks';
export { drawOf, shownNumbers, shownOutcomes } from './stage/drawing';
export type { DrawOnStage, ShownOutcome } from './stage/drawing';
export { restoreLeading, saveLeading } from './stage/saved-leading';
export type { SavedLeading } from './stage/saved-leading';

export { forecast, USUAL_SESSIONS } from './forecast/forecast';
export type { Forecast } from './forecast/forecast';
export type { Spread } from './forecast/spread';
