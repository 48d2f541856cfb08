declare module 'psychrolib' {
  const psychrolib: {
    SI: number;
    SetUnitSystem(system: number): void;
    GetTWetBulbFromHumRatio(dryBulbC: number, humidityRatio: number, pressurePa: number): number;
  };
  export default psychrolib;
}
