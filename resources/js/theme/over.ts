// The parts that dialogs and notices are made of, in Mantine's own order; they come with the first of them.
import '@mantine/core/styles/ScrollArea.css';
import '@mantine/core/styles/Paper.css';
import '@mantine/core/styles/CloseButton.css';
import '@mantine/core/styles/Overlay.css';
import '@mantine/core/styles/ModalBase.css';
import '@mantine/core/styles/Modal.css';
import '@mantine/core/styles/Notification.css';
