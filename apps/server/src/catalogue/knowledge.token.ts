export const KNOWLEDGE = Symbol('knowledge');
