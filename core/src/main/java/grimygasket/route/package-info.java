/** Where homes stand, how long driving between them takes, and the order in which a day's calls are best made. */
package grimygasket.route;
