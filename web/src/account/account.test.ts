import { flushPromises } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { button, field, seat } from '../testing/hand'
import SignIn from './SignIn.vue'

const account = (over: object = {}) => ({ signedIn: false, demo: false, needsOwner: false, ...over })

/** What the page sends past the typed client. */
function listen(ok: boolean) {
  const sent: { path: string; body: string }[] = []
  vi.stubGlobal('fetch', (path: string, init: { body: URLSearchParams }) => {
    sent.push({ path, body: init.body.toString() })
    return Promise.resolve({ ok })
  })
  return sent
}

afterEach(() => vi.unstubAllGlobals())

describe('coming in', () => {
  it('is one press where the household is made up', async () => {
    const { wrapper, asked } = seat(SignIn, { account: account({ demo: true }) })
    expect(wrapper.find('form').exists()).toBe(false)
    await button(wrapper, 'Step into the made-up household').trigger('click')
    await flushPromises()
    expect(asked[0]).toMatchObject({ method: 'POST', path: '/api/account/demo' })
    expect(wrapper.text()).toContain('all made up')
  })

  it('asks the first one to come for a household', async () => {
    const { wrapper, asked } = seat(SignIn, { account: account({ needsOwner: true }) })
    await field(wrapper, 'Name of the household').setValue('Attic')
    await field(wrapper, 'Your name').setValue('Ida')
    await field(wrapper, 'Name to sign in with').setValue('ida')
    await field(wrapper, 'Password').setValue('a long enough one')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]).toEqual({
      method: 'POST',
      path: '/api/account/owner',
      body: { household: 'Attic', name: 'Ida', login: 'ida', password: 'a long enough one' },
    })
  })

  it('sends name and password as a form', async () => {
    const sent = listen(true)
    const { wrapper } = seat(SignIn, { account: account() })
    await field(wrapper, 'Name to sign in with').setValue('ida')
    await field(wrapper, 'Password').setValue('p & q')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(sent).toEqual([{ path: '/api/sign-in', body: 'username=ida&password=p+%26+q' }])
    expect(wrapper.find('[role=alert]').exists()).toBe(false)
  })

  it('says when they do not go together, and keeps the name', async () => {
    listen(false)
    const { wrapper } = seat(SignIn, { account: account() })
    await field(wrapper, 'Name to sign in with').setValue('ida')
    await field(wrapper, 'Password').setValue('wrong')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(wrapper.get('[role=alert]').text()).toBe('Name and password do not go together.')
    expect((field(wrapper, 'Name to sign in with').element as HTMLInputElement).value).toBe('ida')
  })
})
