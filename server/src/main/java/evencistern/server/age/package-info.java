/** How old has the mix of a lot become, and what is to be done about it? */
package evencistern.server.age;
