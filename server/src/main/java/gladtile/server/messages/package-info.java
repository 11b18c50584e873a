/** What a teacher tells a class or a student while they work. */
package gladtile.server.messages;
