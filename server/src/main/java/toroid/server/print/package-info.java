/** Paper: a ring job or a form as a PDF at true size. In: a job. Out: one or two A4 pages. Left out: pictures of the steps. */
package toroid.server.print;
