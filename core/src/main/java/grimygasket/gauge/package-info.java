/** From what is read or measured to what it means: what every gauge asks for, works with and answers. */
package grimygasket.gauge;
