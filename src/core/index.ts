/** Everything of core that the interface and the server may use, storey by storey. */

// words
export { capital, uncapital } from './words/capital';
export { clockOf, lengthInWords } from './words/clock';
export { entryOf } from './words/entry-of';
export { listed } from './words/listed';
export { fromUnit, inUnit, LENGTH_UNITS, lengthIn } from './words/lengths';

export { castInWords, listInWords, readCast, readList } from './words/written-lists';
export { firstSound, SOUND_WORDS, type SoundBook } from './words/phonemes';
// model
export { NO_GUISE, PLAIN_ACTION, type Action, type Guise, type Station } from './model/action';
export { AGE_BANDS, AGE_SPAN, type AgeBand, type Ages } from './model/ages';
export { DIE_SIDES, isSum, MOST_FOLLOWING, REPEATS, RETURNS } from './model/chance';
export type { AmountRule, DrawRules, Entry } from './model/chance';
export { CHAPTER_KINDS, type ChapterKind } from './model/chapter-kinds';
export { LEDS, SHOWINGS, USUAL_DEFAULTS, howLed } from './model/led';
export type { Defaults, HowLed, Led, LedAsSaid, Showing } from './model/led';
export { parseDocument } from './model/document-kind';
export {
  amountAtAge,
  BEATS_A_MINUTE,
  DOSE_UNITS,
  isCounted,
  MAX_AMOUNT,
  MAX_SETS,
  plainDose,
  TEMPO_WORDS,
  withAmounts,
} from './model/dose';
export type { Asked, Dose, DoseSides, DoseUnit, Tempo } from './model/dose';
export { FEWEST_POSES, MOST_POSES, VIEWS, type Figure, type View } from './model/figure';
export { FAMILIES, moveSchema, POSTURES, REGIONS } from './model/move';
export type { Effort, Family, Move, Posture } from './model/move';

export { HANDS, type Hand, type Pose } from './model/pose';
export { problem, PROBLEM_CODES, problemOfIssue } from './model/problem';
export type { Path, Problem, ProblemCode, Result } from './model/problem';
export type { ResolvedDraw } from './model/resolved-draw';
export { childrenIn, DEFAULT_SETTING, FLOORS, settingSchema, WALLS } from './model/setting';
export type { Floor, Setting, Wall } from './model/setting';
export { USUAL_PRESETS } from './model/setting-presets';
export { MAX_LINE } from './model/text';
export { worldSchema, type World } from './model/world';
// moves
export { CATALOGUE } from './moves/catalogue';
export { ANY_MOVE, filterMoves, type MoveQuery } from './moves/filter-moves';
export { insteadOf, lacksOf } from './moves/fits-setting';
export { isInRing } from './moves/forms';
export { BUILT_IN, calledIn, moveBookOf, moveIn, moveOf, type MoveBook } from './moves/move-book';
export { alsoCalled } from './moves/names-of';
export { makeMoveFinder, suggestMoves } from './moves/move-finder';
export { newOwnMove } from './moves/new-own-move';
export { AGE_NAMES, askedInWords, tempoInWords } from './language/dose-words';
export { MOST_WORTH, type Points } from './model/points';
export { linksOf, type Chain, type Link } from './beats/chain-schema';
export { versesOf } from './beats/chain';
export { homeActions, homeSchedule } from './schedule/home';
export { isUnknown, nearestMoves } from './moves/unknown-move';
export { newAction, newStation } from './moves/new-part';
export { usualAction } from './language/usual-action';
export { doseForMove, usualDose } from './moves/usual-dose';
// figure
export { HEIGHT_METRES } from './figure/body/proportions';
export { builtInFigure } from './figure/catalogue';
export { figureOfMove } from './figure/catalogue/figure-of-move';
export { cameraOf, flipFor } from './figure/drawing/camera';
export { partsOf } from './figure/drawing/figure-parts';
export type { FigurePart, Shape } from './figure/drawing/figure-shape';
export { LOOK_CHOICES, type LookChoice } from './figure/drawing/look-choices';
export { moodOf, type Mood } from './figure/drawing/moods';
export { lookFor, LOOKS, type Look } from './figure/drawing/looks';
export {
  boundsOf,
  isDetail,
  LINE_PAINTS,
  NONE,
  OUTLINE,
  paintsOf,
  pictureOfFigure,
  pictureOfMoments,
  pictureTogether,
  strokesOfParts,
  type Paints,
  type Place,
} from './figure/drawing/paint-picture';
export type { Picture, Stroke } from './figure/drawing/picture';
export { handleAt, HANDLES, keptInRange, moveHandle } from './figure/editing/adjust-pose';
export type { Handle } from './figure/editing/adjust-pose';
export { addPose, takePose, withPose } from './figure/editing/edit-figure';
export { inMotion } from './figure/motion/flight';
export { groundIn, momentIn, swayIn } from './figure/motion/going';
export { momentAt, momentOfKey } from './figure/motion/motion';
export { phaseAt } from './figure/motion/phase';
// room
export { fetchSums } from './room/fetch';
export { crowdingOf, inRing, type Crowding } from './room/how-many';
export { clearFloor, metresToPlaces, placesFor, type Room, type Spot } from './room/spots';
// cues
export { isCountedWork, isWork, type Cue, type Doing, type Nth } from './cues/cue';
export {
  DEFAULT_PACE,
  paceAs,
  paceSchema,
  secondsPerRep,
  TALK_RANGE,
  WORDS_PER_MINUTE,
} from './cues/pace';
export type { Pace, PaceView } from './cues/pace';
export { piecesAt, type Piece } from './cues/pieces';
export { sayingsOf, type Saying } from './cues/saying';
export { speechSeconds } from './cues/speech';
export { countWords } from './words/count-words';
export { startsBy } from './cues/starts';
export { terrainOf } from './cues/terrain';
export { TIMINGS, type Timing, type TimingName } from './cues/timing';
export { type Sum } from './cues/totals';
export { secondsOnWay } from './cues/work';
// language
export { layOnBeats, linesRhyme, rhymesFor, type ChantLine } from './language/chant';
export { doseInWords, turnsInWords, unitWord } from './language/dose-words';
export { amountInWords, rulesInWords, stopInWords } from './language/draw-words';
export { creaturesGoing } from './ideas/creatures-going';
export { saidTogether } from './words/said-together';
export { sayingsFor, type SayingIdea } from './ideas/sayings';
export { proposeGuises, type GuiseProposal } from './language/guises';
export { LETTER_BOX, letterStrokes } from './language/letter-strokes';
export { proposeForEntry, type LetterIdea } from './language/letter-strip';
export type { LineTools } from './language/part-reader';
// devices
export { dealt, DEVICE_KINDS, deviceFile, deviceInWords, DEVICES, usualRules } from './devices';
export type { Device, DeviceKind } from './devices';

export { diceTotals } from './devices/die';
export { cubeNet } from './devices/shapes/cube-net';
export { pipsOf } from './devices/shapes/pips';
export { shapesFor, SPOT_OUTLINES } from './devices/shapes/spot-shapes';
export { wheelSectors } from './devices/shapes/wheel-shape';
export type { Thing } from './devices/thing';
// chance

export { chanceToTakeOver, meanOf, oddsOf, quantileOf } from './chance/odds';
export type { Odds } from './chance/odds-shape';
export { CAREFUL_RUNS } from './chance/odds-simulated';
export { urnOf } from './chance/urn';
export { seededRandom } from './chance/random';
export { counts, resolveBeat, type TypedOutcome } from './chance/resolve';
// beats
export {
  beatInWords,
  beatLabel,
  copyBeat,
  isForOthers,
  isLed,
  pointsOf,
  movesOfBeat,
  partsOfBeat,
  spokenLines,
  roundWordOf,
  splitWords,
  withMeanwhile,
  type Beat,
  type BeatKind,
} from './beats';
export type { Part } from './beats/beat-file';
export type { Circuit } from './beats/circuit-schema';
export { outcomeLabel } from './beats/draw-led';
export { drawSchema, type Draw } from './beats/draw-schema';
export { newDraw } from './beats/draw';
export type { Drink } from './beats/drink';
export type { EchoLine } from './beats/echo';

export { beatsFromReading, isBeat, readingInWords, readQuickLine } from './beats/quick-line';
export { saidInstead } from './beats/lines';
export { isSure } from './beats/sure';
export { readLine, type LineRead, type Reading } from './beats/readings';
export type { QuickReading } from './beats/quick-line';
export { ACTED, OTHERS, type Acted, type Others, type Tell } from './beats/tell';
export { SETUPS, type Setup } from './beats/setup';
export { relaySums, type Relay } from './beats/relay';
// document
export { adventureSchema } from './document/adventure';
export type { Adventure, Chapter, Limits, Prop } from './document/adventure';
export { beatsOf, drawsOf, hasBeats } from './document/beats-of';
export { carryMoves } from './document/carry-moves';
export {
  addBeats,
  addChapter,
  changeBeat,
  changeChapter,
  findBeat,
  placeBelow,
  removeBeat,
  removeChapter,
  setBeats,
  shiftBeat,
  shiftChapter,
} from './document/edit';
export { closeStep, record, redo, startHistory, undo, type History } from './document/history';
export { withMovesApart } from './document/moves-apart';
export { movesUsed } from './document/moves-used';
export { withWorld, worldsOf } from './document/worlds';
export { copyAdventure, newAdventure, newChapter } from './document/new-adventure';
export { OWN_MOVE, type OwnMove } from './document/own-move';
export { parseAdventure, withoutChecksum } from './document/parse-adventure';
export { mendAdventure, type Mended } from './document/mend';
export { checkSize } from './document/size';
export { goneBetween, type Gone } from './document/gone';
export { PRESET, type Preset } from './document/preset';
export { swapMove } from './document/swap-move';
export { titleOf } from './document/title';
export { CURRENT_VERSION } from './document/versions';
// schedule
export { balanceOf, LIVELY_MINUTES_A_DAY } from './schedule/balance';
export { oddsOfBeat, type OddsQuestion } from './schedule/beat-odds';
export { resolveDraws, type DrawsByBeat, type TypedDraws } from './schedule/resolve-draws';
export { unroll, type Schedule } from './schedule/unroll';
// forecast
export { forecast, USUAL_SESSIONS, type Forecast } from './forecast/forecast';
export { expectedRange } from './forecast/expected-range';
export type { Spread } from './forecast/spread';
export {
  besideSlot,
  leftInWords,
  lengthInShort,
  lengthTold,
  timed,
  toldLength,
  type TimedSchedule,
  type ToldLength,
} from './forecast/told-length';
// fit
export { fit, type FitResult } from './fit/fit';
export { MOODS, type FitTarget } from './fit/target';
// findings
export {
  check,
  placeKey,
  RULE_IDS,
  sourceOf,
  setAside,
  type Finding,
  type RuleId,
} from './findings/check';
export { looksWhole, mendAll, notesByBeat, timelyNotes, type TimelyNotes } from './findings/timely';

export { usualLimits } from './findings/usual-limits';

// ideas
export { movesAround, placeOfLine } from './ideas/around';
export { IDEAS, ideasFor, reasonOf, type Idea } from './ideas/ideas';
export { readWordNet, type WordNet } from './ideas/word-net';
// prep
export { cautionsOf, DEFERRING_LINE } from './prep/cautions';
export { clockOrBlank, rowsByChapter } from './print/run-sheet-rows';
export { isShort, kitInWords, kitListOf, type KitLine } from './prep/kit-list';
export { pluralOf } from './words/plurals';
export { roomDrawing } from './prep/room-drawing';
export { putMark, roomPlan, type PlanMark, type RoomPlan } from './prep/room-plan';
// stage
export { adapt, adaptAll, changesAt, formAt, scheduleOf, type Change } from './stage/adapt';
export { ADAPTATIONS, type Adaptation, type AdaptationKind } from './stage/adaptation';
export { callAt, type Call } from './stage/calls';
export { countAt, shareAt, type Tick } from './stage/counting';
export {
  drawOf,
  shownNumbers,
  shownOutcomes,
  stillToCome,
  type DrawOnStage,
} from './stage/drawing';
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
  isEndedEarly,
  unfinish,
  wasEndedEarly,
  type Leading,
  type Waits,
  leadsIntoHold,
} from './stage/leading';
export type { CountsMode, HoldsMode, LinesMode, ThrowsMode } from './stage/modes';
export type { LedWay } from './stage/led-way';
export { sayingAt } from './stage/saying';
export { hasMusic, musicOf, notesBetween } from './stage/music';
export { mixerOf, type Sounding } from './stage/mixing';
export { momentOf } from './stage/moment';
export { MOMENTS, type Moment } from './stage/moments';
export { sumInSigns, sumOf, thingsOf, type DrawnSum } from './stage/thing-of';
export {
  answered,
  askedNow,
  promptsOf,
  startRehearsal,
  takenBack,
  type Rehearsal,
} from './stage/rehearsing';
export { restoreLeading, saveLeading } from './stage/saved-leading';
export { beatsToFilm, lineAt, type PromptLine, type ToFilm } from './stage/prompt';
export { takeEndedAt, visitsOfFilm, type Take, type TakeMark } from './stage/takes';
export { turnAt } from './stage/turn';
export { upcomingTicks, type UpcomingTick } from './stage/upcoming-ticks';
export { ATTACK_SECONDS, QUIET_LEVEL, VOICES, type Voice } from './stage/voices';
// log
export { serializeTakesCsv } from './formats/takes/takes-csv';
export { learnPace, type LearnedFigure } from './log/learned-pace';
export { withLearned } from './log/with-learned';
export { REP, type PaceKey } from './log/pace-key';
export { sightingsOf } from './log/sightings';
export { howPlansHold, type PlanHeld } from './log/how-plans-hold';
export { compareRun, type BeatComparison } from './log/compare-run';
export { beginRun } from './log/begin-run';
export { NO_DEBRIEF, plannedCues, RUN, type Debrief, type Run } from './log/run';
// review
export { runOfReview, scriptChecksum } from './review/run-of-review';
export { momentInWords } from './review/moment-words';
export { readingSeconds, snapped, voicesIn, type SpeechSpan } from './review/voices';
export { patchMp4, patchWebm, placeForChapters, type Patch } from './formats/film/film-chapters';
export { guideOf, soundsOf } from './formats/wav/guide-track';
export {
  plannedCaptions,
  plannedChapters,
  serializeTimedText,
  type Caption,
} from './formats/webvtt/webvtt';
export { reviewCsv, reviewChapters } from './formats/captions/review-files';
export { knownDraws } from './review/lay';
export { ledSession } from './review/led-session';
export { review, type Review, type ReviewQuestion, type Stretch } from './review/review';
export type {
  CaptionLine,
  CountedSet,
  FoundBeat,
  LedState,
  Pin,
  Reviewed,
  ReviewMoment,
} from './log/reviewed';
export { CAPTION_FORMATS, MAX_CAPTION_CHARACTERS, readCaptions } from './formats/captions/captions';
// series
export { adventuresById, buildRow, keepNumbers } from './series/build-row';
export { candidatesFor, plannedTotals, type OnShelf } from './series/candidates';
export {
  ASPECT_GROUPS,
  countsOf,
  coverageOf,
  coveredInWords,
  TAUGHT_LISTS,
  type Coverage,
  type CoveredAspect,
} from './series/coverage';
export { dayInShort, dayInWords, daysBetween, isDay, laterBy, type Day } from './series/days';
export {
  addGaps,
  addSessions,
  changeSession,
  moveContents,
  newSeries,
  newSession,
  removeSession,
  shiftFrom,
} from './series/edit-series';
export { laddersOf, nextRung, type Ladder, type NextRung } from './series/ladders';
export { withLed } from './series/led-in';
export { proposalsFor, type NextQuestion, type Proposal } from './series/next';
export { mendInRow, type RowMend } from './series/row-mends';
export { rowNotes } from './series/row-notes';
export type { Row as SeriesRow, RowNote } from './series/row';
export { reasonInWords, rowMendInWords, rowNoteInWords } from './series/row-words';
export { withStoryLines } from './series/story-lines';
export { isGap, MOST_SESSIONS, SERIES, seriesSchema, takesPlace } from './series/series';
export type { Series, Session } from './series/series';
export type { SessionSums } from './series/sums';

// learning
export { allLearnLines, type LearnDevice, type LearnLine } from './learning/learn-lines';

// draft
export { draft, type Draft } from './draft/draft';
export { ridesIn } from './draft/learned';
export {
  DRAFT_SHAPES,
  partOfChapter,
  type DraftPart,
  type DraftShape,
  type DraftWish,
} from './draft/wish';

// print
export { INKS, type Ink } from './print/ink-choices';
export { namedColour } from './print/inks';
export { packPartsFor } from './print/pack';
export {
  CARD_PARTS,
  PACK_GROUPS,
  PACK_PARTS,
  USUAL_PARTS,
  type PackGroup,
  type PackPartId,
} from './print/pack-parts';
export { deedOf } from './print/children/deed';
export type { PictureOf } from './print/pack-source';
export { type Paper } from './print/paper';
export { pictureAsSvg } from './print/picture-svg';
// formats
export {
  MAX_FILE_CHARACTERS,
  parseArrupJson,
  isAsWritten,
  serializeArrupJson,
} from './formats/arrup-json/arrup-json';
export { MOST_MADE_BY } from './model/text';
export { parseCarried, parseTakeAlong, type Carried } from './formats/html/take-along';
export {
  adventureInLink,
  codeFragment,
  linkFragment,
  LONG_LINK_CHARACTERS,
  MOST_LINK_CHARACTERS,
} from './formats/link/link';
export { lineOfBeat } from './beats/lines';
export { tellAsWritten } from './beats/tell';
export { headInWords } from './formats/script/script-head-words';
export {
  ABOUT,
  differencesOf,
  takeAll,
  takeDifference,
  type About,
  type Difference,
} from './document/compare';
export { parseBeatsCsv } from './formats/beats-csv/beats-csv';
export { FILE_FORMAT_IDS, fileNameOf, fileStem } from './formats/file-formats';
export { MEDIA_TYPES } from './formats/media-types';
export type { FileFormatId } from './formats/file-formats';
export { LOCAL_TIME } from './formats/icalendar/local-time';
export { lossesOf, type Loss } from './formats/script/losses';
export { parseScript, type ScriptSource } from './formats/script/script';
export {
  withReadings,
  type BecameLine,
  type ReadScript,
  type UnreadLine,
} from './formats/script/became';
export { textOfHtml } from './formats/docx/docx-text';
export { looksLikeScript, parsePlainText } from './formats/text/plain-text';
export {
  SERIES_FORMAT_IDS,
  SERIES_FORMATS,
  seriesFileName,
  type SeriesFormatId,
} from './formats/series/series-formats';
export { parseSeriesFile, parseSeriesJson, type SeriesFile } from './formats/series/series-json';

// preferences
export { PREFERENCES, USUAL_PREFERENCES, type Preferences } from './preferences/preferences';
export { idsInOrder, type NewId } from './model/new-id';
export { UNHEADED, withPlan } from './document/with-plan';
export { counted, countWord } from './words/numbers';
