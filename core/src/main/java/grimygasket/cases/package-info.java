/** What a pack's advice is held against: calls as practitioners tell them, with what they would do and would never do. */
package grimygasket.cases;
