/** How writing acts get along when they meet. */
package evencistern.server.lock;
