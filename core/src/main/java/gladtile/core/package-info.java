/** The rules of Glad Tile in plain Java: no interface, no database, no network. */
package gladtile.core;
