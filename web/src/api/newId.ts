/**
 * An id for a thing written for the first time. The browser's own maker of ids exists only in secure contexts; a tablet at the
 * bench comes by plain HTTP, so ids are made by the package, which needs only random bytes.
 */
export { v4 as newId } from "uuid";
