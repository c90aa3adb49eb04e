// Access: this device, other devices, the passcode.
import { type Access, accessRoutes, type DeviceRole } from '../../../contract/access.ts';
import { api, parsedBy, requestOf } from '../api.ts';

interface Me {
  readonly role: DeviceRole;
  readonly name: string;
}

const injected = api.injectEndpoints({
  endpoints: (build) => ({
    getAccess: build.query<Access, void>({
      query: () => requestOf(accessRoutes.state),
      transformResponse: parsedBy(accessRoutes.state),
      providesTags: ['Access'],
    }),
    getMe: build.query<Me, void>({ query: () => requestOf(accessRoutes.me), providesTags: ['Access'] }),
    setAccess: build.mutation<Access, boolean>({
      query: (isOn) => requestOf(accessRoutes.setOn, { body: { isOn } }),
      invalidatesTags: ['Access'],
    }),
    newCode: build.mutation<Access, DeviceRole>({
      query: (role) => requestOf(accessRoutes.newCode, { body: { role } }),
      invalidatesTags: ['Access'],
    }),
    revokeDevice: build.mutation<Access, string>({
      query: (id) => requestOf(accessRoutes.revoke, { params: { id } }),
      invalidatesTags: ['Access'],
    }),
    setPasscode: build.mutation<Access, { present: string; passcode: string; idleMinutes: number }>({
      query: (body) => requestOf(accessRoutes.setPasscode, { body }),
      extraOptions: { isSecret: true },
      invalidatesTags: ['Access'],
    }),
    pair: build.mutation<Me, { digits: string; name: string }>({
      query: (body) => requestOf(accessRoutes.pair, { body }),
      extraOptions: { isSecret: true },
    }),
    unlock: build.mutation<Me, string>({
      query: (passcode) => requestOf(accessRoutes.unlock, { body: { passcode } }),
      extraOptions: { isSecret: true },
    }),
  }),
});

export const {
  useGetAccessQuery,
  useSetAccessMutation,
  useNewCodeMutation,
  useRevokeDeviceMutation,
  useSetPasscodeMutation,
  usePairMutation,
  useUnlockMutation,
  endpoints: accessEndpoints,
} = injected;
