/** What is worked out for a gesture or a setting and kept nowhere: neat shapes, points told in words, typed answers tried, sums. */
package gladtile.server.tools;
