/** The weather of a garden: as a service told it, kept, and used in the plan where the person wants that. */
package evencistern.server.weather;
