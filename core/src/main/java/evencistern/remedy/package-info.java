/** Which single nutrient may be given to this plant, how much, and when not? */
package evencistern.remedy;
