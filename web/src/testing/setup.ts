import { disableAutoUnmount, enableAutoUnmount } from '@vue/test-utils'
import { afterEach } from 'vitest'

// Files share one environment: nothing that a test mounted may live on into the next. Run anew for each file.
disableAutoUnmount()
enableAutoUnmount(afterEach)
