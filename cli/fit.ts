import { readFitCase, runFitCase } from '../src/core/learn/fitCase';
import { jsonOf } from '../src/core/schema/jsonText';
import { report, textOf } from './report';

/** Says what a pour that was measured tells of its resin. */
report(() => runFitCase(readFitCase(jsonOf(textOf(process.argv[2])))));
