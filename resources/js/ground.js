const METRES_PER_DEGREE = 111_320;

/** Metres to the east and to the north of one place to another. */
export const metresFrom = ({ lat, lon }, to) => [(to.lon - lon) * METRES_PER_DEGREE * Math.cos((lat * Math.PI) / 180), (to.lat - lat) * METRES_PER_DEGREE];
