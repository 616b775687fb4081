/** In which way does a pot get its water, what stands ready beside its mix, and how long does a line run? */
package evencistern.watering;
