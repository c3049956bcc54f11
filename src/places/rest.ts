/**
 * Everything but the first screen, in one chunk: whatever two chunks had in common would be loaded before the first figure, so
 * there is only one that the screens are in.
 */
import '@/data/records/wholeSchemas';
import { BenchRoute as BenchRouteAlone } from './bench/BenchRoute';
import { CureRoute as CureRouteAlone } from './bench/CureRoute';
import { PracticeRoute as PracticeRouteAlone } from './bench/PracticeRoute';
import { BuyingRoute as BuyingRouteAlone } from './BuyingRoute';
import { JobLayout as JobLayoutAlone } from './jobs/JobLayout';
import { JobsRoute as JobsRouteAlone } from './jobs/JobsRoute';
import { KeepingScreen as KeepingScreenAlone } from '@/features/keeping/KeepingScreen';
import { MouldsLayout as MouldsLayoutAlone } from './moulds/MouldsLayout';
import { RepairRoute as RepairRouteAlone } from './RepairRoute';
import { RecordsLayout as RecordsLayoutAlone } from './records/RecordsLayout';
import { ShelfLayout as ShelfLayoutAlone } from './shelf/ShelfLayout';
import { TodayRoute as TodayRouteAlone } from './TodayRoute';
import { TakeRoute as TakeRouteAlone } from './TakeRoute';
import { started } from './started';

export { BuyRoute } from './jobs/BuyRoute';
export { CardRoute } from './shelf/CardRoute';
export { ChooseRoute } from './jobs/ChooseRoute';
export { BoxStep } from '@/features/box/BoxStep';
export { ColourStep } from '@/features/colour/ColourStep';
export { DaysStep } from '@/features/days/DaysStep';
export { HeatStep } from '@/features/heat/HeatStep';
export { HoldStep } from '@/features/prepare/HoldStep';
export { JobRoute } from './jobs/JobRoute';
export { KeepMouldRoute } from './jobs/KeepMouldRoute';
export { LayersStep } from '@/features/layers/LayersStep';
export { MeasureStep } from '@/features/measure/MeasureStep';
export { MixRoute } from './jobs/MixRoute';
export { MouldRoute } from './moulds/MouldRoute';
export { MouldsRoute } from './moulds/MouldsRoute';
export { PrepareStep } from '@/features/prepare/PrepareStep';
export { PourRoute } from './jobs/PourRoute';
export { RunStep } from '@/features/run/RunStep';
export { Reminders } from '@/features/days/Reminders';
export { PlaceRoute } from './jobs/PlaceRoute';
export { ByHandRoute } from './records/ByHandRoute';
export { LearnedRoute } from './records/LearnedRoute';
export { RecordRoute } from './records/RecordRoute';
export { RecordsRoute } from './records/RecordsRoute';
export { ResinStepRoute } from './jobs/ResinStepRoute';
export { SheetRoute } from './jobs/SheetRoute';
export { ShelfRoute } from './shelf/ShelfRoute';
export { WholeStart } from './started';
export { QuickDetails } from '@/features/quick/QuickDetails';
export { planQuick } from '@/data/draft/quickDraft';
export { KeepsWatch } from '@/features/keeping/copies/KeepsWatch';
export { NotRead } from '@/features/keeping/NotRead';
export { TraceRoute } from './jobs/TraceRoute';

export const BenchRoute = started(BenchRouteAlone);
export const CureRoute = started(CureRouteAlone);
export const PracticeRoute = started(PracticeRouteAlone);
export const BuyingRoute = started(BuyingRouteAlone);
export const JobLayout = started(JobLayoutAlone);
export const JobsRoute = started(JobsRouteAlone);
export const KeepingScreen = started(KeepingScreenAlone);
export const MouldsLayout = started(MouldsLayoutAlone);
export const RecordsLayout = started(RecordsLayoutAlone);
export const RepairRoute = started(RepairRouteAlone);
export const ShelfLayout = started(ShelfLayoutAlone);
export const TakeRoute = started(TakeRouteAlone);
export const TodayRoute = started(TodayRouteAlone);
