import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../app/api/api';

/** Loads the demo into an empty house, or empties the demo house. All data is fetched again. */
function useDemo(name: 'createDemoHousehold' | 'deleteDemoHousehold') {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call(name),
    onSuccess: () => client.invalidateQueries(),
  });
}

export const useFurnish = () => useDemo('createDemoHousehold');
export const useLeaveMadeUp = () => useDemo('deleteDemoHousehold');
