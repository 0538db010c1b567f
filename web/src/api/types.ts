import type { components } from './schema';

/** The contract's types under short names; all of them are generated. */
export type Piece = components['schemas']['Piece'];
export type Strand = components['schemas']['Strand'];
export type Element = components['schemas']['Element'];
export type Kind = Element['kind'];
/** A part as a solid. */
export type Body = components['schemas']['Body'];
export type Part = components['schemas']['Part'];
export type Join = components['schemas']['Join'];
export type Wire = components['schemas']['Wire'];
export type Section = components['schemas']['WireSection'];
export type Plan = components['schemas']['Plan'];
export type BodyPlan = components['schemas']['BodyPlan'];
export type ChainPlan = components['schemas']['PlanChainPlan'];
export type StrandPlan = components['schemas']['PlanStrandPlan'];
export type ElementPlan = components['schemas']['PlanElementPlan'];
export type StatePlan = components['schemas']['PlanStatePlan'];
export type Over = components['schemas']['PlanOver'];
export type Mark = components['schemas']['Mark'];
export type Step = components['schemas']['Step'];
export type Advice = components['schemas']['Advice'];
export type Patch = components['schemas']['AdvicePatch'];
export type PartDrawn = components['schemas']['PartDrawn'];
export type Drawing = components['schemas']['Drawing'];
export type OwnMeasure = components['schemas']['OwnMeasure'];
export type TrayPiece = components['schemas']['TrayPiece'];
export type KeptPiece = components['schemas']['KeptPiece'];
export type Pattern = components['schemas']['PatternControllerPatternRow'];
export type WireAsked = components['schemas']['PatternControllerWireAsked'];
export type Making = components['schemas']['Making'];
export type Parameter = components['schemas']['Parameter'];
/** A sheet that has something to show. */
export type SheetOffer = components['schemas']['PaperControllerOffer'];
export type Metal = Wire['metal'];
export type Temper = Wire['temper'];
export type Purpose = Piece['purpose'];
export type Gauge = components['schemas']['Gauge'];
export type Kinds = components['schemas']['Kinds'];
export type KindRow = components['schemas']['KindsKindRow'];
export type Field = components['schemas']['KindsField'];
export type Work = components['schemas']['Work'];
export type Reason = components['schemas']['Reason'];
export type OwnedTool = components['schemas']['OwnedTool'];
export type KeptTools = components['schemas']['ToolControllerKeptTools'];
export type KeptStones = components['schemas']['StoneControllerKeptStones'];
export type KeptStone = KeptStones['stones'][number];
export type TracedStone = components['schemas']['OutlineControllerTracedStone'];
export type Operation = components['schemas']['PlanOperationPlan'];
export type Pull = components['schemas']['Pull'];
export type WireField = components['schemas']['Field'];
export type FieldGauge = components['schemas']['FieldGauge'];
export type FieldCell = components['schemas']['FieldCell'];
export type Thinning = components['schemas']['Thinning'];
export type Rung = components['schemas']['ThinningRung'];
export type PairMend = components['schemas']['PairMend'];
export type PairMeasures = components['schemas']['PairMendMeasures'];
export type WaysOut = components['schemas']['WayOutFound'];
export type WayOut = components['schemas']['WayOut'];
export type MeasuredQuestion = components['schemas']['BenchControllerMeasuredQuestion'];
export type Prices = components['schemas']['Prices'];
export type KeptPrices = components['schemas']['PriceControllerKeptPrices'];
export type TemperMark = components['schemas']['TableControllerTemperRow'];
export type KeptSettings = components['schemas']['SettingsControllerKeptSettings'];
export type School = components['schemas']['School'];
export type PersonalMeasure = components['schemas']['PersonalMeasure'];
export type KeptMeasures = components['schemas']['MeasureControllerKeptMeasures'];
export type Imported = components['schemas']['ImportsImported'];
export type BinPiece = components['schemas']['PieceControllerBinPiece'];
export type Job = components['schemas']['Job'];
export type JobLine = components['schemas']['JobLine'];
export type JobRow = components['schemas']['JobRow'];
export type KeptJob = components['schemas']['KeptJob'];
export type Progress = components['schemas']['ProgressControllerProgress'];
export type Timer = components['schemas']['ProgressControllerTimer'];
export type Sizes = components['schemas']['TableControllerSizeAnswer'];
export type Worn = components['schemas']['TableControllerSizeQuestion']['worn'];

/** One bad field. */
export interface Violation {
  /** where in the document */
  path: string;
  /** what was given */
  value: string;
  /** what is allowed */
  limit: string;
}

/** A problem document (RFC 9457). */
export interface Problem {
  /** HTTP status */
  status: number;
  /** what is the matter */
  detail: string;
  /** every bad field */
  violations: Violation[];
  /** the piece that stands, where a change was stale */
  standing?: KeptPiece;
}
export type Colour = components['schemas']['Colour'];
export type Strip = components['schemas']['Strip'];
export type Recess = components['schemas']['Recess'];
export type ColourPlaces = components['schemas']['ColourControllerPlaces'];
export type Finished = components['schemas']['Finished'];
export type FinishQuestion = components['schemas']['ColourControllerFinishQuestion'];
export type StripQuestion = components['schemas']['ColourControllerStripQuestion'];
export type KeptBaths = components['schemas']['BathControllerKeptBaths'];
export type BathRecord = components['schemas']['BathRecord'];
export type BathPlan = components['schemas']['BathPlan'];
/** A bath that several share, asked for. */
export type BathQuestion = components['schemas']['BathControllerBathQuestion'];
/** What of a piece waits for a bath. */
export type Dipped = components['schemas']['BathControllerDipped'];
/** The rack: what hangs on it, what came and went. */
export type RackAnswer = components['schemas']['RackControllerRackAnswer'];
export type OnRack = components['schemas']['RackControllerOnRack'];
export type BookedEntry = components['schemas']['RackControllerBookedEntry'];
export type Stock = components['schemas']['Stock'];
export type RackEntry = components['schemas']['Entry'];
export type RackPreview = components['schemas']['RackCsvPreview'];
export type CutPlan = components['schemas']['CutPlan'];
export type CutBar = components['schemas']['CutPlanBar'];
export type CutTerms = components['schemas']['CutPlanTerms'];
export type PriceSheet = components['schemas']['PriceSheet'];
export type PriceRow = components['schemas']['PriceSheetRow'];
export type Pricing = components['schemas']['Pricing'];
export type Instead = components['schemas']['Instead'];
export type PolicyCost = components['schemas']['PolicyCost'];
export type LogAnswer = components['schemas']['LogControllerLogAnswer'];
export type NewFact = components['schemas']['LogControllerNewFact'];
export type Measurable = components['schemas']['Measurable'];
export type LogPage = components['schemas']['DaybookPage'];
export type Learnt = components['schemas']['Learnt'];
export type Habit = Learnt['habit'];
export type DaybookAnswer = components['schemas']['DaybookControllerDaybookAnswer'];
export type Lessons = components['schemas']['DaybookControllerLessons'];
export type RunOfValues = components['schemas']['DaybookSeries'];
export type JobsByDay = components['schemas']['DayPlan'];
export type ClassKit = components['schemas']['Kit'];
export type Photograph = components['schemas']['PhotographControllerPhotograph'];
export type HowFar = components['schemas']['WatchHow'];
