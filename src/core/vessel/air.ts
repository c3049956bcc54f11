/** The air at sea level on an average day, kPa: exact by convention. */
export const standardAirKPa = 101.325;

/** Height over which the average air thins, of the international standard atmosphere. */
const [lapseKPerM, seaLevelK, exponent] = [0.0065, 288.15, 5.25588];

/**
 * The air at a height over the sea: p = 101.325 (1 − 0.0065 h / 288.15)^5.25588, the international standard atmosphere.
 * @param altitudeM up to 11 km
 * @returns kPa
 */
export const airKPa = (altitudeM: number): number =>
  standardAirKPa * (1 - (lapseKPerM * altitudeM) / seaLevelK) ** exponent;
