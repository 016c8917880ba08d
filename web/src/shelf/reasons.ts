/** Why how many of a part are on a van changes, as it is entered. */
export const REASONS = {
  RECEIVED: 'Received',
  COUNTED: 'Counted',
  GIVEN: 'Given to',
  WRITTEN_OFF: 'Written off',
  RETURNED: 'Returned',
  WARRANTY: 'Sent in under warranty',
} as const
