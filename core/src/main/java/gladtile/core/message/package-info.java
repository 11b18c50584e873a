/** Sentences by their keys. */
package gladtile.core.message;
