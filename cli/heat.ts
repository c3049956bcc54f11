import { readHeatCase, runHeatCase } from '../src/core/thermal/heatCase';
import { jsonOf } from '../src/core/schema/jsonText';
import { report, textOf } from './report';

/** Runs a bare case of the heat model, for checking it. */
report(() => runHeatCase(readHeatCase(jsonOf(textOf(process.argv[2])))));
