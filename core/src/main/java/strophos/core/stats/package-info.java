/**
 * Counts in, honest ranges out. A proportion is always two counts, never a rate that has to be cast back to one.
 *
 * <p>Sources: [1] E. B. Wilson, Probable inference, the law of succession, and statistical inference, JASA 22 (1927).
 * [2] R. G. Newcombe, Two-sided confidence intervals for the single proportion, Statistics in Medicine 17 (1998). [3]
 * R. A. Fisher, The Design of Experiments (1935). [4] R. G. Newcombe, Interval estimation for the difference between
 * independent proportions, Statistics in Medicine 17 (1998). [5] N. Mantel, W. Haenszel, Statistical aspects of the
 * analysis of data from retrospective studies of disease, JNCI 22 (1959). [6] C. R. Mehta, N. R. Patel, R. Gray, Computing
 * an exact confidence interval for the common odds ratio in several 2×2 contingency tables, JASA 80 (1985). [7] B.
 * Phipson, G. K. Smyth, Permutation p-values should never be zero, SAGMB 9 (2010). [8] Y. Benjamini, Y. Hochberg,
 * Controlling the false discovery rate, JRSS B 57 (1995). [9] H. B. Mann, Nonparametric tests against trend, Econometrica
 * 13 (1945). [10] M. G. Kendall, Rank Correlation Methods (1948). [11] P. K. Sen, Estimates of the regression coefficient
 * based on Kendall's tau, JASA 63 (1968). [12] F. Garwood, Fiducial limits for the Poisson distribution, Biometrika 28
 * (1936). [13] J. Cohen, A coefficient of agreement for nominal scales, EPM 20 (1960).
 */
package strophos.core.stats;
