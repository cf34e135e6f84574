/** Several parts of a component made one; what they get stays a getter. */
export const joined = (...parts) => parts.reduce((whole, part) => Object.defineProperties(whole, Object.getOwnPropertyDescriptors(part)), {});
