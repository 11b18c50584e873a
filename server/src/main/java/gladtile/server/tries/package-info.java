/** Pages tried by whoever makes them, under the rules of a class, and kept nowhere. */
package gladtile.server.tries;
