/** What does a pen show that is connected to this machine? */
package evencistern.server.pen;
