#pragma once
#define PR_SET_PDEATHSIG 1
#define PR_SET_NAME 15
/** Sets something of the process. */
int prctl(int what, ...);
