import { commands, Extension } from '@tiptap/core';

/**
 * The focus goes into the text at once. By itself the editor waits for the next picture of the screen, and what is typed
 * before that would go to the button that was pressed.
 */
export const focusAtOnce = Extension.create({
  name: 'focusAtOnce',
  addCommands() {
    return {
      focus: (position, options) => (props) => {
        const { view, dispatch } = props;
        const done = commands.focus(position, options)(props);
        if (done && dispatch && position !== false && !view.hasFocus()) view.focus();
        return done;
      },
    };
  },
});
