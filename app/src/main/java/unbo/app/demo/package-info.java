/**
 * The invented yard that the demo starts with: a ferry-port workshop on an island that is on no
 * map.
 */
package unbo.app.demo;
