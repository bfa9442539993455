/**
 * A lesson's plan: what is ridden, on which rein how long, on which line, and why.
 *
 * <p>The planner is a pure function of its facts: the same facts give the same plan. Each block says why it is there and
 * why so long, as data. Its limits ({@link strophos.core.plan.PlanLimits}) hold for what it proposes; of what a coach
 * plans instead, only the safety limits refuse, the others are said. Times are whole seconds. Common practice, no source.
 */
package strophos.core.plan;
