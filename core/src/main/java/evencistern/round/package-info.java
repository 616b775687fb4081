/** In what order are places walked, what is carried, on which days do many lots go together, and who waters meanwhile? */
package evencistern.round;
