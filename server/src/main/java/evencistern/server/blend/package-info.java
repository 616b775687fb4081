/** How is a feed made of salts, or of several feeds, for what a plant needs? */
package evencistern.server.blend;
