import { scaleLinear } from 'd3-scale';
import { heatRamp } from '../theme/tokens';

/** The colour of a temperature, °C. */
export const colourOfC = scaleLinear<string>([...heatRamp.atC], [...heatRamp.colours]).clamp(true);
