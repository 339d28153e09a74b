/** How fast cage and elements turn, and what pulls them outward. */
package unbo.core.speed;
