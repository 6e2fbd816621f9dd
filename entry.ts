// First the worker is asked, then the rest of the app is read: it answers meanwhile.
import '@/features/frame/firstAsk';
import 'expo-router/entry';
