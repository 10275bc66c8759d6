export * from './PicturesFold';
