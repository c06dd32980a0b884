#pragma once
int sched_yield(void);
