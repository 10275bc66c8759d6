/// <reference types="nativewind/types" />
/// <reference types="expo/types" />
