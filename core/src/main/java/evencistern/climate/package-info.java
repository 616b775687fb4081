/** How long is the day, how much light and warmth reach this place, how fast does water go? */
package evencistern.climate;
