#pragma once
struct sysinfo { long uptime; unsigned long loads[3]; unsigned long totalram; unsigned long freeram; unsigned short procs; unsigned int mem_unit; };
/** Memory and load of the machine. */
int sysinfo(struct sysinfo *found);
int get_nprocs(void);
