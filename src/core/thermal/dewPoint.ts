/**
 * The temperature at which water settles out of air: Magnus, Td = 243.04 g / (17.625 − g) with g = ln RH + 17.625 T / (243.04 + T).
 * @param airC °C
 * @param humidity relative, above 0 to 1
 * @returns °C
 */
export function dewPointC(airC: number, humidity: number): number {
  const g = Math.log(humidity) + (17.625 * airC) / (243.04 + airC);
  return (243.04 * g) / (17.625 - g);
}
