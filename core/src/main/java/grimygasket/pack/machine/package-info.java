/** How machines of a kind are built: features, ways, stations, layers with their pieces, ratings. */
package grimygasket.pack.machine;
