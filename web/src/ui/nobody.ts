/** On whose round a call stands that nobody has yet. */
export const NOBODY = '00000000-0000-0000-0000-000000000000'
