/** What does a conductivity or ppm number mean, and what is in the water before any feed? */
package evencistern.water;
