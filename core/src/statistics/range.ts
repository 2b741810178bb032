/** Low, typical and high of an amount or a share; low to high is read as the central 90 %. */
export interface Range {
  low: number;
  typical: number;
  high: number;
}
