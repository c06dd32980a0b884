#pragma once
#include <time.h>
typedef union { char size[32]; long align; } sem_t;
int sem_init(sem_t *semaphore, int shared, unsigned value);
int sem_destroy(sem_t *semaphore);
int sem_wait(sem_t *semaphore);
int sem_trywait(sem_t *semaphore);
int sem_post(sem_t *semaphore);
