/** Who may call, from where? */
package evencistern.server.security;
