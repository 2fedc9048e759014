declare module 'psychrolib' {
  interface Psychrolib {
    SI: number;
    SetUnitSystem(system: number): void;
    GetSatVapPres(tempC: number): number;
    GetTDewPointFromRelHum(tempC: number, rhFrac: number): number;
    GetRelHumFromTDewPoint(tempC: number, dewC: number): number;
  }
  const psychrolib: Psychrolib;
  export default psychrolib;
}
