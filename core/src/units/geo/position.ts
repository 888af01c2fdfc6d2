/** Degrees, WGS 84. Latitude −90 to 90, longitude −180 to 180. */
export interface Position {
  lat: number;
  lon: number;
}
