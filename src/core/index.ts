/** Everything of core that the interface and the server may use. */
export { adventureSchema, USUAL_LIMITS } from './document/adventure';
export { CHAPTER_KINDS } from './model/chapter-kinds';
export type { Adventure, Chapter, Limits, Prop } from './document/adventure';
export type { ChapterKind } from './model/chapter-kinds';
export type { Defaults } from './model/defaults';
export type { World } from './model/world';
export { AGE_BANDS, ageBandOf } from './model/ages';
export { secondsPerRep } from './cues/pace';
export type { AgeBand, Ages } from './model/ages';
export { BEAT_KINDS, isScored, roundWordOf } from './beats';
export { drawSchema } from './beats/draw';
export { NO_GUISE } from './model/action';
export type { Action, Guise, Station } from './model/action';
export type { Beat, BeatKind } from './beats';
export type { Circuit } from './beats/circuit';
export type { Draw } from './beats/draw';
export type { Drink } from './beats/drink';
export type { EchoLine } from './beats/echo';
export type { MoveBeat } from './beats/move';
export { relaySeconds } from './beats/relay';
export type { Relay } from './beats/relay';
export type { Tell } from './beats/tell';
export type { Showing } from './model/defaults';
export { DEVICE_KINDS, DEVICES, deviceFile, deviceInWords } from './devices';
export {
  DIE_SIDES,
  isSum,
  MOST_DRAWS,
  MOST_ENTRIES,
  MOST_FOLLOWING,
  REPEATS,
  RETURNS,
} from './model/chance';
export type { AmountRule, DrawRules, Entry } from './model/chance';
export type { Device, DeviceKind, DeviceOf } from './devices';
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
} from './document/edit';
export { closeStep, record, redo, startHistory, undo } from './document/history';
export type { History } from './document/history';
export { FAMILIES, moveSchema, POSTURES, REGIONS } from './model/move';
export type { Effort, Family, Move, Posture, Region } from './model/move';
export { movesOfBeat, partsOfBeat } from './beats';
export type { Part } from './beats/beat-file';
export { copyAdventure, newAdventure } from './document/new-adventure';
export { copyBeat } from './beats';
export type { NewId } from './model/new-id';
export { beatsOf, drawsOf, hasBeats } from './document/beats-of';
export { titleOf } from './document/title';
export { entryOf } from './words/entry-of';
export { parseAdventure } from './document/parse-adventure';
export { PROBLEM_CODES, problem, problemOfIssue } from './model/problem';
export type { Path, Problem, ProblemCode, Result } from './model/problem';
export { BARE, childrenIn, DEFAULT_SETTING, FLOORS, settingSchema, WALLS } from './model/setting';
export type { Floor, RoomMark, Setting, Wall } from './model/setting';
export { USUAL_PRESETS } from './model/setting-presets';
export type { SettingPreset } from './model/setting-presets';
export { MAX_LINE } from './model/text';
export { CURRENT_VERSION } from './document/versions';

export { CATALOGUE } from './moves/catalogue';
export { ANY_MOVE, filterMoves } from './moves/filter-moves';
export type { MoveQuery } from './moves/filter-moves';
export { BUILT_IN, calledIn, moveBookOf, moveIn } from './moves/move-book';
export type { MoveBook } from './moves/move-book';
export { insteadOf, lacksOf } from './moves/fits-setting';
export { swapMove } from './document/swap-move';
export { carryMoves } from './document/carry-moves';
export { newOwnMove } from './moves/new-own-move';
export { movesUsed } from './document/moves-used';

export { figureOfMove } from './figure/catalogue/figure-of-move';
export { builtInFigure } from './figure/catalogue';
export { FEWEST_POSES, figureSchema, MOST_POSES, VIEWS } from './model/figure';
export type { Figure, View } from './model/figure';
export { LOOK_CHOICES, lookFor, LOOKS } from './figure/drawing/looks';
export type { Look, LookChoice } from './figure/drawing/looks';
export { handleAt, HANDLES, keptInRange, moveHandle } from './figure/editing/adjust-pose';
export type { Handle } from './figure/editing/adjust-pose';
export { cameraOf } from './figure/drawing/camera';
export { addPose, takePose, withPose } from './figure/editing/edit-figure';
export { HEIGHT_METRES } from './figure/body/proportions';
export { momentAt, momentOfKey } from './figure/motion/motion';
export type { Pose } from './model/pose';
export type { Moment } from './figure/motion/motion';
export { phaseAt } from './figure/motion/phase';
export type { Picture, Stroke } from './figure/drawing/picture';
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
} from './figure/drawing/paint-picture';
export type { Paints, Place } from './figure/drawing/paint-picture';
export { partsOf } from './figure/drawing/figure-parts';
export type { FigurePart, Hair, Shape } from './figure/drawing/figure-shape';

export { INKS } from './print/inks';
export type { Ink } from './print/inks';
export { PACK_PARTS } from './print/pack-parts';
export { packPartsFor } from './print/pack';
export type { PackPartId } from './print/pack-parts';
export { PAPERS } from './print/paper';
export { pictureAsSvg } from './print/picture-svg';
export type { Paper } from './print/paper';
export type { PictureAsk, PictureOf, StoryPictureOf } from './print/pack-source';

export { cautionsOf, DEFERRING_LINE } from './prep/cautions';
export type { Caution } from './prep/cautions';

export { amountOf } from './chance/amount';
export { chanceOfAtLeast, chanceToTakeOver, meanOf, oddsOf, quantileOf } from './chance/odds';
export type { Distribution, Odds } from './chance/odds-shape';
export { CAREFUL_RUNS } from './chance/odds-simulated';
export { dealFaces, dieFor } from './devices/die';
export { newDraw } from './beats/draw';
export { dealt } from './devices';
export { usualRules } from './devices';
export { diceTotals, diceWays } from './devices/die';
export { potOf } from './chance/pot';
export type { Outcome } from './devices/device-file';
export type { Pot } from './chance/pot';
export { seededRandom } from './chance/random';
export type { Random } from './chance/random';
export { counts, resolveBeat } from './chance/resolve';
export type { ResolvedDraw } from './model/resolved-draw';
export type { TypedOutcome } from './chance/resolve';

export { check, placeKey, RULE_IDS, setAside } from './findings/check';
export type { Finding, RuleId } from './findings/check';
export { isShort, kitInWords, kitListOf, pluralOf } from './prep/kit-list';
export type { KitLine } from './prep/kit-list';
export { fetchSums } from './room/fetch';
export { crowdingOf, inRing } from './room/how-many';
export type { Crowding } from './room/how-many';
export { putMark, roomPlan } from './prep/room-plan';
export type { Lanes, PlanMark, RoomPlan } from './prep/room-plan';
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
export { startsBy } from './cues/starts';
export { CUE_KINDS, cueEndSeconds, isCountedWork, isWork } from './cues/cue';
export type { Cue, CueKind, Doing, Side } from './cues/cue';
export { DEFAULT_PACE, paceSchema, WORDS_PER_MINUTE } from './cues/pace';
export type { Pace } from './cues/pace';
export { drawTerrain } from './cues/terrain';
export type { TerrainPoint } from './cues/terrain';
export { DRINK_SECONDS, QUESTION_WAIT_SECONDS } from './cues/timing';
export { secondsOnWay } from './cues/work';
export { outcomeLabel } from './beats/draw';
export { resolveDraws } from './schedule/resolve-draws';
export type { DrawsByBeat, TypedDraws } from './schedule/resolve-draws';
export { NO_SUM } from './cues/totals';
export type { Sum, Totals } from './cues/totals';
export { unroll } from './schedule/unroll';
export type { Schedule } from './schedule/unroll';

export { beatInWords, beatLabel } from './beats';
export { capital } from './words/capital';
export { amountInWords, rulesInWords, stopInWords } from './language/draw-words';
export { clockOf, lengthInWords } from './words/clock';
export { proposeGuises } from './language/guises';
export type { GuiseProposal } from './language/guises';
export { firstSound, SOUND_WORDS } from './words/sounds';
export type { SoundBook } from './words/sounds';
export { fromUnit, inUnit, LENGTH_UNITS, lengthIn } from './words/lengths';
export type { LengthUnit } from './words/lengths';
export { doseInWords, unitWord } from './language/dose-words';
export { castInWords, listInWords, readCast, readList } from './words/lists';
export { makeMoveFinder, suggestMoves } from './moves/move-finder';
export type { MoveFinder } from './moves/move-finder';
export { doseForMove, usualDose } from './moves/usual-dose';
export { beatFromReading, readingInWords, readQuickLine } from './beats/quick-line';
export type { LineTools } from './language/part-reader';
export type { QuickReading } from './beats/quick-line';
export { hasSoundOf, LETTER_SETS } from './words/letter-sounds';
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
export { clockOrBlank, runSheetRows } from './print/run-sheet-rows';
export type { RunSheetRow } from './print/run-sheet-rows';

export { compareRun } from './log/compare-run';
export type { BeatComparison, RunComparison } from './log/compare-run';
export { chaptersOf, NO_DEBRIEF, plannedCues, RUN } from './log/run';
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
export type { LedWay } from './stage/led-way';
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

export { cubeNet } from './devices/shapes/cube-net';
export { pipsOf } from './devices/shapes/pips';
export { wheelSectors } from './devices/shapes/wheel-shape';
export { roomDrawing } from './prep/room-drawing';
export type { DrawnMark, RoomShape } from './prep/room-drawing';

export { parseDocument } from './model/document-kind';
export type { DocumentKind } from './model/document-kind';
export { OWN_MOVE } from './document/own-move';
export type { OwnMove } from './document/own-move';
export { PRESET } from './document/preset';
export type { Preset } from './document/preset';
export { PREFERENCES, USUAL_PREFERENCES } from './settings/preferences';
export type { Preferences } from './settings/preferences';
