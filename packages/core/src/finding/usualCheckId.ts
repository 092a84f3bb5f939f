/** The check that what was taken as usual is so: read from the tag before the first act that could harm. */
export const USUAL_CHECK_ID = 'usualTag';

/** The check by which the tag of tender cloth is read before the first bath. */
export const TAG_CHECK_ID = 'tagLetsWash';

/** The check that the triangle is not crossed out, before the first oxygen bath of a later round. */
export const TRIANGLE_CHECK_ID = 'tagLetsBleach';
