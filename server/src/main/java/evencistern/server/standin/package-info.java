/** Simulated stand-ins for devices and services outside. */
package evencistern.server.standin;
