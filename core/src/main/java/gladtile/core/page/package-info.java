/** A page and what lies on it: items and their looks, words, links, movement. What is right on it lies elsewhere. */
package gladtile.core.page;
