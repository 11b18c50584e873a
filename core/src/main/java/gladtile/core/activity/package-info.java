/** An activity: its pages, its answer key, how students pass through it, and the list that it may be made from. */
package gladtile.core.activity;
