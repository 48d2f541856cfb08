import vm from 'node:vm';
import { TestEnvironment } from 'jest-environment-node';

/**
 * Jest's environment for Node, with a plain global object: the usual one asks an interceptor for every `Math` and
 * `Float64Array`, which makes the simulation several times slower under test than anywhere else.
 */
export default class PlainEnvironment extends TestEnvironment {
  constructor(config, context) {
    const { createContext } = vm;
    vm.createContext = () => createContext(vm.constants.DONT_CONTEXTIFY);
    try {
      super(config, context);
    } finally {
      vm.createContext = createContext;
    }
  }
}
