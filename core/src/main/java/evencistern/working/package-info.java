/** Where does this number come from? Steps of a calculation, recorded on demand. */
package evencistern.working;
