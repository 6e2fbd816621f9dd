import { Text } from 'react-native';

/** The smallest page on the same packages: what the platform itself weighs. */
export default function Empty() {
  return <Text>empty</Text>;
}
