import { nameOf } from '../call/changes'
import type { Happening } from '../api/types'

/** What somebody has done beside the work on calls, in words. */
const OPERATIONS: Record<string, string> = {
  'POST /api/session': 'Signed in by password',
  'POST /api/session/passkey': 'Signed in by passkey',
  'POST /api/session/passkeys': 'Added a passkey',
  'POST /api/session/proof': 'Gave their password once more',
  'POST /api/left-behind': 'A device that was signed out left what it had not sent',
  'POST /api/left-behind/{id}': 'Took something that somebody had left behind',
  'DELETE /api/left-behind/{id}': 'Dropped something that somebody had left behind',
  'DELETE /api/session/passkeys/{id}': 'Removed a passkey',
  'DELETE /api/session': 'Signed out',
  'PUT /api/session/password': 'Changed their own password',
  'POST /api/session/calendar': 'Made a new address for their round as a calendar',
  'DELETE /api/session/calendar': 'Closed the address of their round as a calendar',
  'PUT /api/session/units': 'Changed their units',
  'PUT /api/schools/{schoolId}': 'Changed how they work',
  'PUT /api/business': 'Changed what the business reckons with',
  'PUT /api/business/logo': 'Changed the logo of reports',
  'DELETE /api/business/logo': 'Removed the logo of reports',
  'PUT /api/customers/{customerId}': 'Added a customer, or corrected who one is',
  'PUT /api/customers/{customerId}/addresses/{addressId}': 'Added an address of a customer, or put it right',
  'DELETE /api/customers/{customerId}/addresses/{addressId}': 'Removed an address of a customer',
  'PUT /api/machines/{machineId}/address': 'Said where a machine stands',
  'POST /api/customers/{customerId}/join': 'Joined two entries of a customer',
  'POST /api/customers.csv': 'Brought a list of customers in',
  'GET /api/customers.csv': 'Gave the list of customers out',
  'DELETE /api/customers/{customerId}': 'Erased a customer',
  'GET /api/customers/{customerId}/customer.json': 'Gave out all that is kept of a customer',
  'PUT /api/colleagues/{id}': 'Added or changed a person',
  'PUT /api/colleagues/{id}/locked': 'Locked a person out, or let them in again',
  'PUT /api/colleagues/{id}/qualifications': 'Said what a person is qualified for',
  'POST /api/devices/{id}/lost': 'Signed a device out as lost',
  'POST /api/parts/{partId}/moves': 'Changed how many of a part are on a van',
  'PUT /api/parts/{partId}': 'Added or changed a part',
  'POST /api/parts.csv': 'Brought a list of parts in',
  'GET /api/parts.csv': 'Gave the list of parts out',
  'GET /api/order-list.csv': 'Gave the order list out',
  'PUT /api/orders/{orderId}': 'Ordered parts',
  'POST /api/orders/{orderId}/arrivals': 'Took ordered parts in',
  'PUT /api/orders/{orderId}/promised': 'Wrote down when ordered parts come',
  'DELETE /api/orders/{orderId}/rest': 'Gave the rest of an order up',
  'GET /api/orders/{orderId}/order.xml': 'Gave an order out',
  'GET /api/calls/{callId}/call.json': 'Gave a call out as a file',
  'GET /api/calls/{callId}/report.pdf': 'Gave a report out as PDF',
  'POST /api/call-documents': 'Brought a call in from a file',
  'POST /api/know-how/{kind}/revisions': 'Brought know-how in from a file',
  'PUT /api/know-how/{kind}/revisions/active': 'Publish a version of the know-how',
  'GET /api/know-how/{kind}/revisions/{number}/codes.csv': 'Gave a code table out',
  'GET /api/know-how/{kind}/revisions/{number}/pack.yaml': 'Gave know-how out',
  'POST /api/know-how/{kind}/draft/use': 'Publish the draft of the know-how',
  'PUT /api/know-how/{kind}/draft/{section}/{piece}': 'Edited the draft of the know-how',
  'DELETE /api/know-how/{kind}/draft': 'Threw the draft of the know-how away',
  'DELETE /api/know-how/{kind}/draft/edits/{number}': 'Took an edit of the know-how back',
  'DELETE /api/know-how/{kind}/draft/{section}/{piece}': 'Took a piece out of the know-how',
  'GET /api/trail': 'Looked at who did what',
}

export const done = ({ operation }: Happening) => OPERATIONS[operation] ?? nameOf(operation)

const IDS = /^[0-9a-f-]{36}( [0-9a-f-]{36})*$/

/** What it was about, where that says something: ids do not. */
export const subject = ({ subject }: Happening) => (IDS.test(subject) ? '' : subject)
