/**
 * Which length is cut from which strip of wire, so that least is used up: {@link toroid.core.cutting.CuttingTask} in,
 * {@link toroid.core.cutting.CuttingPlan} out, with a bound that no plan can better. {@link toroid.core.cutting.CuttingSearch} finds it.
 */
package toroid.core.cutting;
