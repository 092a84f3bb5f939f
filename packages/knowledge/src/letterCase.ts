/** @example upperFirst('red wine') // 'Red wine' */
export const upperFirst = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** @example lowerFirst('Red wine') // 'red wine' */
export const lowerFirst = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
